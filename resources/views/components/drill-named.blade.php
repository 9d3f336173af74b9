@props(['named', 'page'])
<div @class(['drill-named', 'hit' => $named->isHit(), 'alarm' => !$named->isHit()]) data-named="{{ $named->code }}"
    data-hit="{{ $named->isHit() ? 'yes' : 'no' }}">
    <p><x-buckle-mark :size="26" :state="!$named->isHit() ? 'do_not_use' : ($named->isMended ? 'good_to_ride' : 'fix_first')" />
        <strong>{{ __($named->isHit() ? 'practice.hit' : 'practice.alarm', ['what' => $named->rule->title]) }}</strong></p>
    @if ($named->isHit())
        <p>@says($named->finding->message()) @says($named->finding->remedy())</p>
        <x-sources :finding="$named->finding" />
        @if ($named->isStop() && !$named->isMended && !$page->isEnded())
            <form id="aside-{{ str_replace('.', '-', $named->code) }}" method="post" action="{{ route('practice.aside', $page->attempt) }}"
                hx-post="{{ route('practice.aside', $page->attempt) }}" hx-target="#drill" hx-swap="morph:outerHTML">
                @csrf
                <input type="hidden" name="code" value="{{ $named->code }}">
                <button class="quiet">{{ __('practice.aside') }}</button>
            </form>
        @endif
    @else
        <p>{{ __('practice.rule', ['when' => $named->rule->when]) }}</p>
    @endif
</div>
