@use('MintBuckle\Core\Telling\Listing')
@props(['drawing'])
<figure class="card-work drawing drawing-car" data-drawing="place">
    <svg viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing->height }}" role="img" aria-labelledby="car-title car-desc">
        <title id="car-title">{{ __('drawings.labels.above') }}</title>
        <desc id="car-desc">@tell(Listing::sentences($drawing->text))</desc>
        <path class="car" d="{{ $drawing->bodyPath() }}" />
        <path class="glass" d="M52 84q24-40 158-40t158 40l-14 18q-30-24-144-24T66 102z" />
        <x-drawing.car-places :places="$drawing->places" press="row-setup-position-" />
        @foreach ($drawing->places as $place)
            @if ($place->inUse)
                <g class="child-seat" data-facing="{{ $drawing->rear === null ? 'unknown' : ($drawing->rear ? 'rear' : 'forward') }}"
                    transform="translate({{ $place->middle()[0] }} {{ $place->middle()[1] }})@if ($drawing->rear) rotate(180) @endif">
                    <rect x="-34" y="-{{ $drawing->seatHalf() }}" width="68" height="{{ $drawing->seatLength }}" rx="14" />
                    @if ($drawing->rear !== null)
                        <g transform="translate(0 {{ $drawing->seatHalf() }})">
                            <path d="M-20-12h40" />
                            <circle cy="-28" r="12" />
                        </g>
                        <path d="M0 10v22m-9-13l9-10 9 10" transform="translate(0 -{{ $drawing->seatHalf() }})" />
                    @endif
                </g>
            @endif
        @endforeach
    </svg>
    <figcaption>@include('components.drawing-words', ['lines' => $drawing->text])</figcaption>
</figure>
