@props(['page', 'found', 'left'])
<section class="card-work found-left" aria-label="{{ __('checks.found_left') }}">
    @foreach (['found' => $found, 'left' => $left] as $phase => $draw)
        <div data-side-by-side="{{ $phase }}">
            <h2>{{ __("checks.side_by_side.{$phase}") }}</h2>
            @if ($draw->situation->isHarness())
                <x-drawing.seat-side :drawing="$draw->side()" :name="$phase"
                    :title="__('checks.seat_side_by_side.' . $phase)" press="none" />
            @endif
            <x-drawing.buckle-front :drawing="$draw->front()" :name="$phase"
                press="none" />
        </div>
    @endforeach
    <div class="changes">
        <h2>{{ __('checks.changed') }}</h2>
        @forelse ($page->changes() as $line)
            <p data-changed>@tell($line->what): <s>@tell($line->before)</s> → <strong>@tell($line->value)</strong></p>
        @empty
            <p class="empty">{{ __('checks.not_changed') }}</p>
        @endforelse
    </div>
</section>
