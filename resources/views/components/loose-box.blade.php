@use('Symfony\Component\Uid\UuidV7')
@props(['page', 'loose'])
<form class="loose" method="post" action="{{ $page->post('tries') }}" hx-post="{{ $page->post('tries') }}" data-loose="{{
    $loose->seen?->value }}">
    @csrf
    <input type="hidden" name="id" value="{{ UuidV7::generate() }}">
    <input type="hidden" name="phase" value="{{ $page->phase->value }}">
    <h3>{{ __('loose.title') }}</h3>
    <div class="choices">
        @foreach ($loose->sights as $sight)
            <button name="sight" value="{{ $sight->value }}" @class(['choice', 'on' => $sight === $loose->seen])
                aria-pressed="{{ $sight === $loose->seen ? 'true' : 'false' }}">@tell($sight->title())</button>
        @endforeach
    </div>
</form>
@if ($page->seenBefore()?->lesson->loose() !== null)
    <div class="seen-before" data-seen-loose>
        <p>@tell($page->seenBefore()->lesson->loose())</p>
        @if ($page->seenBefore()->lesson->worked() !== [])
            <p>{{ __('report.seen.last_tried') }}</p>
            <ul>
                @foreach ($page->seenBefore()->lesson->worked() as $worked)
                    <li>@tell($worked)</li>
                @endforeach
            </ul>
        @endif
    </div>
@endif
@if ($loose->next !== null)
    <form class="loose-step" method="post" action="{{ $page->post('tries') }}" hx-post="{{ $page->post('tries') }}"
        data-attempt="{{ $loose->next->key() }}">
        @csrf
        <input type="hidden" name="id" value="{{ UuidV7::generate() }}">
        <input type="hidden" name="phase" value="{{ $page->phase->value }}">
        <input type="hidden" name="sight" value="{{ $loose->seen->value }}">
        <p><small>{{ __('loose.number', ['number' => $loose->number(), 'of' => $loose->of()]) }}</small>
            <strong>@says($loose->next->step())</strong> {{ __('loose.then') }}</p>
        <button class="choice" name="attempt" value="{{ $loose->next->key() }}">{{ __('loose.tried') }}</button>
    </form>
@elseif ($loose->seen !== null)
    <p class="notice">{{ __('loose.all_tried') }}</p>
@endif
