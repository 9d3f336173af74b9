@props(['kit'])
<section class="card-work" aria-labelledby="kit-title">
    <h2 id="kit-title">{{ __('kit.left') }}</h2>
    @if ($kit->lines === [])
        <p class="empty">{{ __('kit.nothing') }}</p>
    @endif
    <ul class="event-list">
        @foreach ($kit->lines as $line)
            <li @class(['warned' => $line->isLow()]) data-kit="{{ $line->item->value }}" data-left="{{ $line->left ?? 'unknown' }}"><span>{{
                __("kit.items.{$line->item->value}") }}@if ($line->isLow()), {{ __('kit.low') }}@endif</span>
                <span>{{ $line->left ?? __('kit.not_counted') }}</span></li>
        @endforeach
    </ul>
    <a class="quiet" href="{{ route('kit') }}">{{ __('kit.title') }}</a>
</section>
