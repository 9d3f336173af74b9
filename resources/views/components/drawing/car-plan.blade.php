@use('MintBuckle\Core\Telling\Listing')
@use('MintBuckle\Present\Drawing\CarAbove')
@use('Illuminate\Support\Arr')
@props(['drawing'])
<figure class="card-work drawing drawing-plan" data-drawing="place" data-car-plan>
    <svg viewBox="0 0 {{ CarAbove::WIDTH }} {{ $drawing->height }}" role="img"
        aria-labelledby="plan-title plan-desc">
        <title id="plan-title">{{ __('drawings.labels.plan') }}</title>
        <desc id="plan-desc">@tell(Listing::sentences($drawing->text))</desc>
        <path class="car" d="{{ $drawing->bodyPath() }}" />
        <path class="glass" d="M52 84q24-40 158-40t158 40l-14 18q-30-24-144-24T66 102z" />
        <x-drawing.car-places :places="$drawing->places" />
        @foreach ($drawing->seats as $seat)
            <g @class(['rider', 'ghost' => $seat['ghost']]) data-rider="{{ $seat['rider'] }}" data-at="{{ $seat['place'] }}"
                data-ghost="{{ $seat['ghost'] ? 'yes' : 'no' }}" transform="translate({{ $seat['x'] }} {{ $seat['y'] }})">
                <title>{{ __('drawings.labels.rider', Arr::only($seat, ['ghost', 'rider', 'place'])) }}</title>
                <rect x="{{ $seat['left'] }}" y="{{ $seat['front'] }}" width="{{ $seat['width'] }}" height="{{ $seat['length'] }}" rx="14"
                    />
                <path d="{{ $seat['arrow'] }}" />
                <text x="{{ $seat['label'][0] }}" y="{{ $seat['label'][1] }}" text-anchor="middle"
                    class="strong">{{ $seat['rider'] }}</text>
            </g>
        @endforeach
    </svg>
    <figcaption><x-drawing-words :lines="$drawing->text" /></figcaption>
</figure>
