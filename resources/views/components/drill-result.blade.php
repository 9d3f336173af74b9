@props(['page'])
<section class="card-work" aria-labelledby="result-title" role="status">
    @if ($page->isEnded())
        <h2 id="result-title" data-percent="{{ $page->score()->percent }}">{{ __('practice.score', [
            'percent' => $page->score()->percent,
            'found' => count($page->score()->hits),
            'of' => count($page->attempt->faults),
            'alarms' => count($page->score()->falseAlarms),
        ]) }}</h2>
        <p class="hint">{{ __('practice.time', ['minutes' => $page->minutes()]) }}</p>
        @if ($page->missed() !== [])
            <h3>{{ __('practice.missed') }}</h3>
            @foreach ($page->missed() as $missed)
                <div class="drill-named missed" data-missed="{{ $missed->code }}">
                    <p><x-buckle-mark :size="26" state="fix_first" /> <strong>@tell($missed->rule->title)</strong></p>
                    <p>@says($missed->finding->message()) @says($missed->finding->remedy())</p>
                    <x-sources :finding="$missed->finding" />
                </div>
            @endforeach
            @auth<p>{{ __('practice.comes_back') }}</p>@endauth
        @endif
        <a class="press" href="{{ $page->home() }}">{{ __('practice.another') }}</a>
    @else
        <h2 id="result-title">{{ __('practice.so_far', ['n' => count($page->attempt->named)]) }}</h2>
        @foreach ($page->allNamed() as $named)
            <p class="drill-line"><x-buckle-mark :size="26" :state="!$named->isHit() ? 'do_not_use' : ($named->isMended
                ? 'good_to_ride'
                : 'fix_first')" /> <span>@tell($named->rule->title)</span></p>
        @endforeach
        @if ($page->attempt->mends !== [])
            <p class="drill-verdict" data-verdict="{{ $page->mended->assessment->verdict->value }}"><x-buckle-mark :size="40"
                :state="$page->mended->assessment->verdict->value" />
                <strong>@tell($page->mended->assessment->verdict->title())</strong></p>
        @endif
        <form id="drill-end" method="post" action="{{ route('practice.end', $page->attempt) }}"
            hx-post="{{ route('practice.end', $page->attempt) }}" hx-target="#drill" hx-swap="morph:outerHTML">
            @csrf
            <button class="press">{{ __('practice.end') }}</button>
        </form>
    @endif
</section>
