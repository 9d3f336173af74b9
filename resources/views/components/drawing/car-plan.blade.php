@props(['drawing'])
<figure class="card-work drawing drawing-plan" data-drawing="place" data-car-plan>
    <svg viewBox="0 0 {{ MintBuckle\Present\Drawing\CarAbove::WIDTH }} {{ $drawing->height }}" role="img" aria-labelledby="plan-title plan-desc">
        <title id="plan-title">The car from above with everybody in it, its front at the top</title>
        <desc id="plan-desc">{{ implode(' ', $drawing->text) }}</desc>
        <path class="car" d="M24 {{ $drawing->height - 40 }}V96Q24 14 210 14T396 96V{{ $drawing->height - 40 }}q0 30-30 30H54q-30 0-30-30z" />
        <path class="glass" d="M52 84q24-40 158-40t158 40l-14 18q-30-24-144-24T66 102z" />
        <x-drawing.car-places :places="$drawing->places" />
        @foreach ($drawing->seats as $seat)
            <g @class(['rider', 'ghost' => $seat['ghost']]) data-rider="{{ $seat['rider'] }}" data-at="{{ $seat['place'] }}" data-ghost="{{ $seat['ghost'] ? 'yes' : 'no' }}" transform="translate({{ $seat['x'] }} {{ $seat['y'] }})">
                <title>{{ $seat['ghost'] ? 'Proposed: ' : '' }}Child {{ $seat['rider'] }} at {{ $seat['place'] }}</title>
                <rect x="{{ -$seat['width'] / 2 }}" y="{{ -$seat['length'] / 2 }}" width="{{ $seat['width'] }}" height="{{ $seat['length'] }}" rx="14" />
                <path d="M0 {{ $seat['rear'] ? $seat['length'] / 2 - 8 : -$seat['length'] / 2 + 8 }}v{{ $seat['rear'] ? -16 : 16 }}m-8 {{ $seat['rear'] ? 9 : -9 }}l8 {{ $seat['rear'] ? 9 : -9 }} 8 {{ $seat['rear'] ? -9 : 9 }}" />
                <text x="{{ $seat["ghost"] ? -$seat["width"] / 2 + 16 : 0 }}" y="{{ $seat["ghost"] ? -$seat["length"] / 2 + 24 : 10 }}" text-anchor="middle" class="strong">{{ $seat["rider"] }}</text>
            </g>
        @endforeach
    </svg>
    <figcaption><x-drawing-words :lines="$drawing->text" /></figcaption>
</figure>
