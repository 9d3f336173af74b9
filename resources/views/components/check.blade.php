@use('MintBuckle\Core\Record\InspectionPhase')
@use('MintBuckle\Core\Finding\Station')
@props(['page'])
<div id="check" class="check" data-station="{{ $page->station->value }}" data-phase-shown="{{ $page->phase->value }}" hx-target="#check"
    hx-swap="morph:outerHTML">
    <x-station-nav :page="$page" />
    <section class="station" aria-labelledby="station-title">
        <header class="station-top">
            <h1 id="station-title">{{ $page->station->title() }}</h1>
            <p>{{ $page->phase === InspectionPhase::Found ? 'As it arrived, before anyone touches it. ' : '' }}{{
                $page->phase === InspectionPhase::Found && $page->station === Station::Handover ? '' : $page->station->task() }}
            </p>
        </header>
        @if ($page->signed)
            <p class="notice">This family has left. The check is signed and can be read, not changed.</p>
        @endif
        @if ($page->problemElsewhere() !== null)
            <p class="notice problem" role="alert">{{ $page->problemElsewhere() }} Nothing was changed.</p>
        @endif
        @if ($page->doubt !== null && $page->station === Station::Label && !$page->signed)
            <x-name-doubt :doubt="$page->doubt" :page="$page" />
        @endif
        <x-station-drawing :page="$page" :draw="$page->drawings" :situation="$page->situation" />
        @if ($page->phase === InspectionPhase::Found && $page->station === Station::Handover)
            <p class="card-work">What was found is put down. Showing back and signing are asked as the seat leaves. <a class="press"
                    href="{{ $page->link(InspectionPhase::Left) }}">Go on to how it leaves</a></p>
        @endif
        <div class="rows">
            @forelse ($page->rows as $row)
                <x-asked-row :row="$row" :page="$page" where="row" />
            @empty
                @unless ($page->station === Station::Handover)
                    <p class="empty">Nothing to look at here for this way of riding.</p>
                @endunless
            @endforelse
        </div>
        @if ($page->more !== [] && !$page->signed)
            <details class="more">
                <summary>More to note here</summary>
                <div class="choices">
                    @foreach ($page->more as $askable)
                        <a class="choice"
                            href="{{ $page->link() }}?note={{ $askable->path }}#row-{{ str_replace(['.', '_'], '-', $askable->path) }}"
                            data-note="{{ $askable->path }}">@tell($askable->short())</a>
                    @endforeach
                </div>
            </details>
        @endif
        @if ($page->station === Station::Label && !$page->signed)
            <p class="label-tools"><a class="quiet" href="{{ $page->address('seat') }}">Find the model in the catalogue</a> <a
                    class="quiet" href="{{ $page->address('label') }}">Read the label’s code</a></p>
        @endif
        <x-station-help :page="$page" :situation="$page->situation" />
        <x-station-steps :page="$page" />
    </section>
    <x-findings-panel :page="$page" :verdict="$page->assessment->verdict" />
</div>
