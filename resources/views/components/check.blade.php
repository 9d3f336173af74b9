@use('App\Photos\PhotoOf')
@use('MintBuckle\Core\Record\InspectionPhase')
@use('MintBuckle\Core\Finding\Station')
@props(['page'])
{{-- Drawn anew at every answer: its parts are included, since components take three quarters as long again. --}}
<div id="check" class="check" data-station="{{ $page->station->value }}" data-phase-shown="{{ $page->phase->value }}" hx-target="#check"
    hx-swap="morph:outerHTML">
    @include('components.station-nav', ['page' => $page])
    <section class="station" aria-labelledby="station-title">
        <header class="station-top">
            <h1 id="station-title">@tell($page->station->title())</h1>
            <p>
                @if ($page->phase === InspectionPhase::Found)
                    {{ __('checks.as_it_arrived') }}
                @endif
                @unless ($page->phase === InspectionPhase::Found && $page->station === Station::Handover)
                    @tell($page->station->task())
                @endunless
            </p>
        </header>
        @if ($page->signed)
            <p class="notice">{{ __('checks.signed') }}
                @can('sign')
                    <a href="{{ $page->address('amend') }}" data-amend>{{ __('amend.title') }}</a>
                @endcan
            </p>
        @endif
        @include('components.paper-note', ['page' => $page])
        @if ($page->problemElsewhere() !== null)
            <p class="notice problem" role="alert">{{ $page->problemElsewhere() }} {{ __('common.unchanged') }}</p>
        @endif
        @if ($page->doubt !== null && $page->station === Station::Label && !$page->signed)
            @include('components.name-doubt', ['doubt' => $page->doubt, 'page' => $page])
        @endif
        @include('components.station-drawing', ['page' => $page, 'draw' => $page->drawings, 'situation' => $page->situation])
        <button type="button" class="enlarge" data-enlarge aria-expanded="false"><span class="visually-hidden">{{ __('checks.enlarge')
            }}</span></button>
        @if ($page->phase === InspectionPhase::Found && $page->station === Station::Handover)
            <p class="card-work">{{ __('checks.found_done') }} <a class="press"
                    href="{{ $page->link(InspectionPhase::Left) }}">{{ __('checks.to_left') }}</a></p>
        @endif
        @forelse ($page->parts() as $part)
            @if ($part['part'] !== null)
                <h2 class="part" data-part="{{ $part['part']->value }}">@tell($part['part']->title())</h2>
            @endif
            <div class="rows">
                @foreach ($part['rows'] as $row)
                    @include('components.asked-row', ['where' => 'row'])
                @endforeach
            </div>
        @empty
            @unless ($page->station === Station::Handover)
                <p class="empty">{{ __('checks.nothing_here') }}</p>
            @endunless
        @endforelse
        @if (PhotoOf::at($page->station) !== null)
            @include('components.photos', ['page' => $page, 'about' => PhotoOf::at($page->station)])
        @endif
        @if ($page->more !== [] && !$page->signed)
            <details class="more">
                <summary>{{ __('checks.more_to_note') }}</summary>
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
            <p class="label-tools"><a class="quiet" href="{{ $page->address('seat') }}">{{ __('checks.find_model') }}</a>
                @if ($page->phase === InspectionPhase::Left)
                    <a class="quiet" href="{{ $page->address('instead') }}">{{ __('checks.instead.title') }}</a>
                @elseif ($page->check->seat_model_id === null)
                    <a class="quiet" href="{{ $page->address('manual') }}">{{ __('checks.manual.title') }}</a>
                @endif
                <a
                    class="quiet" href="{{ $page->address('label') }}">{{ __('checks.read_code') }}</a></p>
        @endif
        @if (in_array($page->station, [Station::Label, Station::Handover], true) && $page->mayRegister())
            @include('components.register-seat', ['page' => $page, 'seat' => $page->case->seat])
        @endif
        @include('components.station-help', ['page' => $page, 'situation' => $page->situation])
        @if ($page->station === Station::Label && !$page->signed && $page->seenAt() === null)
            @include('components.paper-begin', ['page' => $page])
        @endif
        @include('components.station-steps', ['page' => $page])
    </section>
    @include('components.findings-panel', ['page' => $page, 'verdict' => $page->assessment->verdict])
</div>
