@props(['page', 'found', 'left'])
<section class="card-work found-left" aria-label="As it was found, as it leaves">
    @foreach (['found' => $found, 'left' => $left] as $phase => $draw)
        <div data-side-by-side="{{ $phase }}">
            <h2>{{ $phase === 'found' ? 'As it was found' : 'As it leaves' }}</h2>
            @if ($draw->situation->isHarness())
                <x-drawing.seat-side :drawing="$draw->side()" :name="$phase"
                    :title="$phase === 'found' ? 'The seat as it was found' : 'The seat as it leaves'" press="none" />
            @endif
            <x-drawing.buckle-front :drawing="$draw->front()" :name="$phase"
                press="none" />
        </div>
    @endforeach
    <div class="changes">
        <h2>What was changed</h2>
        @forelse ($page->changes() as $line)
            <p data-changed>@tell($line->what): <s>@tell($line->before)</s> → <strong>@tell($line->value)</strong></p>
        @empty
            <p class="empty">Nothing was changed yet.</p>
        @endforelse
    </div>
</section>
