@props(['drawing'])
<figure class="card-work drawing drawing-car" data-drawing="place">
    <svg viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing->height }}" role="img" aria-labelledby="car-title car-desc">
        <title id="car-title">The car from above, its front at the top</title>
        <desc id="car-desc">{{ implode(' ', $drawing->text) }}</desc>
        <path class="car" d="M24 {{ $drawing->height - 40 }}V96Q24 14 210 14T396 96V{{ $drawing->height - 40 }}q0 30-30 30H54q-30 0-30-30z" />
        <path class="glass" d="M52 84q24-40 158-40t158 40l-14 18q-30-24-144-24T66 102z" />
        @foreach ($drawing->places as $place)
            <g @class(['place', 'in-use' => $place->inUse, 'taken' => $place->position->taken === true, 'sideways' => $place->position->sideFacing === true]) data-place="{{ $place->position->name }}" data-in-use="{{ $place->inUse ? 'yes' : 'no' }}" data-press="row-setup-position-{{ $place->position->name }}" transform="translate({{ $place->x }} {{ $place->y }})">
                <title>{{ $place->title }}: {{ implode(', ', $place->signs) }}</title>
                <rect class="cushion" width="{{ $drawing::PLACE_WIDTH }}" height="{{ $drawing::PLACE_HEIGHT - 22 }}" rx="12" />
                <rect class="seat-back" y="{{ $drawing::PLACE_HEIGHT - 20 }}" width="{{ $drawing::PLACE_WIDTH }}" height="18" rx="8" />
                @if ($place->position->airbag)<path class="airbag" d="M16-6q36-34 72 0z" data-airbag />@endif
                @if ($place->position->lowerAnchors)<path class="bar" d="M28 {{ $drawing::PLACE_HEIGHT - 24 }}h12m24 0h12" data-anchors />@endif
                @if ($place->position->tetherAnchor)<path class="bar" d="M52 {{ $drawing::PLACE_HEIGHT + 2 }}v10" data-tether-anchor />@endif
                @if ($place->position->belt?->value === 'lap_shoulder')<path class="webbing" d="M{{ str_ends_with($place->position->name, 'L') ? '4 8L96 78M4' : '100 8L8 78M4' }} 74H100" data-belt="lap_shoulder" />
                @elseif ($place->position->belt?->value === 'lap')<path class="webbing" d="M4 70H100" data-belt="lap" />@endif
                @if ($place->inUse)
                    <g class="child-seat" data-facing="{{ $drawing->rear === null ? 'unknown' : ($drawing->rear ? 'rear' : 'forward') }}" transform="translate(52 {{ ($drawing::PLACE_HEIGHT - 22) / 2 }})@if ($drawing->rear) rotate(180)@endif">
                        <rect x="-34" y="{{ -$drawing->seatLength / 2 }}" width="68" height="{{ $drawing->seatLength }}" rx="14" />
                        @if ($drawing->rear !== null)<path d="M-20 {{ $drawing->seatLength / 2 - 12 }}h40" /><circle cx="0" cy="{{ $drawing->seatLength / 2 - 28 }}" r="12" /><path d="M0 {{ -$drawing->seatLength / 2 + 10 }}v22m-9-13l9-10 9 10" />@endif
                    </g>
                @endif
                <text x="8" y="{{ $place->inUse ? -6 : 20 }}" class="strong">{{ $place->position->name }}</text>
                @if ($place->position->taken)<text x="52" y="56" text-anchor="middle">taken</text>@endif
            </g>
        @endforeach
    </svg>
    <figcaption><x-drawing-words :lines="$drawing->text" /></figcaption>
</figure>
