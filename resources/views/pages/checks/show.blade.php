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
    <div id="check" class="check" data-station="{{ $page->station->value }}">
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
            @if ($page->station === MintBuckle\Core\Finding\Station::Label)
                <x-drawing.label-ruler :drawing="$page->ruler()" />
            @elseif ($page->station === MintBuckle\Core\Finding\Station::Measure && $page->situation->isHarness())
                <x-drawing.movement-gauge :drawing="$page->gauge()" />
                <x-movement-entry :page="$page" :unit="$page->units->length()->value" />
            @elseif ($page->station === MintBuckle\Core\Finding\Station::Buckle)
                <x-drawing.buckle-front :drawing="$page->buckle" :m="$page->buckle::MIDDLE" :s="$page->buckle->shoulder" :cushion="$page->buckle::CUSHION" />
            @endif
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
                            <x-asked-row :row="$row" :page="$page" where="more" />
                        @endforeach
                    </div>
                </details>
            @endif
            @if ($page->station === MintBuckle\Core\Finding\Station::Secure && $page->assessment->computed->beltLock !== null && $page->situation->isHarness())
                <x-lock-ways :ways="$page->assessment->computed->beltLock" />
                <x-steps-panel title="Taking it out again" :steps="$page->takingOut()" />
            @elseif ($page->station === MintBuckle\Core\Finding\Station::Child && $page->assessment->computed->changeover !== null)
                <x-steps-panel :title="'To use it as a ' . $page->assessment->computed->changeover->to->word()" :steps="$page->assessment->computed->changeover->steps" />
            @elseif ($page->station === MintBuckle\Core\Finding\Station::Handover && $page->assessment->computed->card !== null)
                <x-steps-panel title="Installation card, for the family's own hands" :steps="$page->assessment->computed->card" open />
            @endif
            <x-station-steps :page="$page" />
        </section>
        <x-slip :page="$page" :verdict="$page->assessment->verdict" />
    </div>
    @endfragment
</x-layout>
