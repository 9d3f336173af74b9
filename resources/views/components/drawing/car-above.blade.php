@props(['drawing'])
<figure class="card-work drawing drawing-car" data-drawing="place">
    <svg viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing->height }}" role="img" aria-labelledby="car-title car-desc">
        <title id="car-title">The car from above, its front at the top</title>
        <desc id="car-desc">{{ implode(' ', $drawing->text) }}</desc>
        <path class="car" d="M24 {{ $drawing->height - 40 }}V96Q24 14 210 14T396 96V{{ $drawing->height - 40 }}q0 30-30 30H54q-30 0-30-30z" />
        <path class="glass" d="M52 84q24-40 158-40t158 40l-14 18q-30-24-144-24T66 102z" />
        <x-drawing.car-places :places="$drawing->places" press="row-setup-position-" />
        @foreach ($drawing->places as $place)
            @if ($place->inUse)
                <g class="child-seat" data-facing="{{ $drawing->rear === null ? 'unknown' : ($drawing->rear ? 'rear' : 'forward') }}" transform="translate({{ $place->x + 52 }} {{ $place->y + ($drawing::PLACE_HEIGHT - 22) / 2 }})@if ($drawing->rear) rotate(180)@endif">
                    <rect x="-34" y="{{ -$drawing->seatLength / 2 }}" width="68" height="{{ $drawing->seatLength }}" rx="14" />
                    @if ($drawing->rear !== null)<path d="M-20 {{ $drawing->seatLength / 2 - 12 }}h40" /><circle cx="0" cy="{{ $drawing->seatLength / 2 - 28 }}" r="12" /><path d="M0 {{ -$drawing->seatLength / 2 + 10 }}v22m-9-13l9-10 9 10" />@endif
                </g>
            @endif
        @endforeach
    </svg>
    <figcaption><x-drawing-words :lines="$drawing->text" /></figcaption>
</figure>
