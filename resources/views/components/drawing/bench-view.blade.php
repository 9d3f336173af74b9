@use('MintBuckle\Core\Facts\BehindWrap')
@use('MintBuckle\Core\Facts\BusSystem')
@use('MintBuckle\Core\Telling\Listing')
@props(['drawing'])
<figure class="card-work drawing" data-drawing="bus">
    <svg viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing::HEIGHT }}" role="img" aria-labelledby="bench-title bench-desc">
        <title id="bench-title">{{ __('drawings.bench.title') }}</title>
        <desc id="bench-desc">@tell(Listing::sentences($drawing->text))</desc>
        <path class="floor" d="M10 310H{{ $drawing->system === BusSystem::Vest ? 400 : 630 }}" />
        <g @class(['seen', 'seen-' . $drawing->parts['front']['state']]) data-press="{{ $drawing->parts['front']['press'] }}">
            <rect class="reach" x="14" y="120" width="52" height="190" /><rect class="body" x="34" y="130" width="14" height="180" rx="5" />
        </g>
        <g class="bench">
            <rect x="110" y="238" width="122" height="30" rx="9" /><rect x="220" y="100" width="30" height="168" rx="12" />
            <path d="M128 268v42M226 268v42" />
        </g>
        <g class="bench other">
            <rect x="300" y="238" width="74" height="30" rx="9" /><rect x="362" y="100" width="30" height="168" rx="12" />
            <path d="M314 268v42M370 268v42" />
        </g>
        <g @class(['seen', 'seen-' . $drawing->parts['slouch']['state']]) data-press="{{ $drawing->parts['slouch']['press'] }}"
            data-system="{{ $drawing->system?->value }}">
            <rect class="reach" x="100" y="84" width="116" height="152" />
            <g @if ($drawing->parts['slouch']['state'] === 'fault') transform="translate(-16 4)" @endif>
                <circle class="body" cx="186" cy="116" r="20" />
                <path class="body" d="M176 138q24-6 32 12l6 74q0 12-14 12h-60q-12 0-12-11t12-11h30z" />
                @if ($drawing->system === BusSystem::Vest || $drawing->system?->isHarnessSeat() || $drawing->system === BusSystem::Addon
                    || $drawing->system === BusSystem::Integrated)
                    <path class="cord" d="M202 142q-16 34-22 70M178 176l34 2" />
                @endif
            </g>
            @if ($drawing->system?->isHarnessSeat())
                <path class="shell" d="{{ $drawing->system->facesRear() ? 'M114 92q-10 70 2 146h92' : 'M214 92v146h-96q-8 0-8-12' }}" />
            @elseif ($drawing->system === BusSystem::Booster)
                <path class="shell" d="M112 222h96v16h-96z" />
            @endif
        </g>
        @isset($drawing->parts['wrap'])
            <g @class(['seen', 'seen-' . $drawing->parts['wrap']['state']]) data-press="{{ $drawing->parts['wrap']['press'] }}"
                data-dents="{{ $drawing->parts['wrap']['state'] }}">
                <rect class="reach" x="208" y="140" width="60" height="56" />
                <path class="wrap" d="{{ $drawing->parts['wrap']['state'] === 'good' ? 'M224 158h22v22h-22z' : 'M212 158h46v22h-46z' }}" />
                @if ($drawing->parts['frayed']['state'] === 'fault')
                    <path class="cross" d="M222 154l26 30m0-30l-26 30" />
                @endif
            </g>
            <g @class(['seen', 'seen-' . $drawing->parts['behind']['state']]) data-press="{{ $drawing->parts['behind']['press'] }}"
                data-behind="{{ $drawing->behind?->value }}">
                <rect class="reach" x="290" y="84" width="76" height="152" />
                @if ($drawing->behind !== null && $drawing->behind !== BehindWrap::Empty)
                    <circle class="body" cx="334" cy="122" r="18" /><path class="body"
                        d="M324 142q22-6 28 12l6 72q0 10-12 10h-44q-10 0-10-10t10-10h22z" />
                    @if ($drawing->behind !== BehindWrap::Unrestrained)
                        <path class="cord" d="M348 146q-20 26-28 64" />
                    @endif
                @endif
                <text x="332" y="78" text-anchor="middle" class="strong">{{ $drawing->behind === null ? '?' :
                    __("drawings.bench.behind.{$drawing->behind->value}") }}</text>
            </g>
        @endisset
        @isset($drawing->parts['belt'])
            <g @class(['seen', 'seen-' . $drawing->parts['condition']['state']]) data-press="row-bus-bench-buckle-end"
                data-buckle-end="{{ $drawing->buckleEnd }}">
                <rect class="reach" x="112" y="206" width="112" height="32" />
                <path class="limit" transform="translate(220)" d="M-{{ $drawing->limit }} 206v34" />
                <path class="end" d="M220 232h-{{ $drawing->buckleEnd ?? 14 }}" />
                <text transform="translate(220)" x="-{{ $drawing->limit }}" y="202" text-anchor="middle">@tell($drawing->most)</text>
            </g>
        @endisset
        @if ($drawing->system === BusSystem::Vest)
            <x-drawing.vest-parts :parts="$drawing->parts" />
        @endif
    </svg>
    <figcaption>@include('components.drawing-words', ['lines' => $drawing->text])</figcaption>
</figure>
