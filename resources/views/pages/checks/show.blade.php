<x-layout :title="$page->title() . ' · ' . $page->station->title()" main="check-main">
    <x-slot:head>
        <x-head :title="$page->title()" :subtitle="$page->subtitle()">
            <nav class="switch" aria-label="Track">
                @foreach (App\Track::cases() as $track)
                    <a href="{{ $page->link($track) }}" @class(['on' => $track === $page->track]) @if ($track === $page->track) aria-current="true" @endif data-track="{{ $track->value }}">{{ $track->title() }}</a>
                @endforeach
            </nav>
        </x-head>
    </x-slot:head>
    @fragment('check')
    <div id="check" class="check" data-station="{{ $page->station->value }}" data-track-shown="{{ $page->track->value }}">
        <x-strap :page="$page" />
        <section class="station" aria-labelledby="station-title">
            <header class="station-top">
                <h1 id="station-title">{{ $page->station->title() }}</h1>
                <p>{{ $page->track === App\Track::Found ? 'As it arrived, before anyone touches it. ' : '' }}{{ $page->station->task() }}</p>
            </header>
            @if ($page->check->signed_at)
                <p class="notice">This family has left. The check is signed and can be read, not changed.</p>
            @endif
            @if ($page->problemElsewhere() !== null)
                <p class="notice problem" role="alert">{{ $page->problemElsewhere() }} Nothing was changed.</p>
            @endif
            <x-station-drawing :page="$page" :draw="$page->drawings" :situation="$page->situation" />
            <div class="rows">
                @forelse ($page->rows as $row)
                    <x-asked-row :row="$row" :page="$page" where="row" />
                @empty
                    <p class="empty">Nothing to look at here for this way of riding.</p>
                @endforelse
            </div>
            @if ($page->more !== [])
                <details class="more">
                    <summary>More to note here</summary>
                    <div class="rows">
                        @foreach ($page->more as $row)
                            <x-asked-row :row="$row" :page="$page" where="row" />
                        @endforeach
                    </div>
                </details>
            @endif
            <x-station-help :page="$page" :situation="$page->situation" :computed="$page->assessment->computed" />
            <x-station-steps :page="$page" />
        </section>
        <x-slip :page="$page" :verdict="$page->assessment->verdict" />
    </div>
    @endfragment
    <x-keys />
</x-layout>
