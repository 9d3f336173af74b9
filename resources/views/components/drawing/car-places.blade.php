@use('MintBuckle\Core\Telling\Listing')
@use('MintBuckle\Present\Drawing\CarAbove')
@props(['places', 'press' => null])
@foreach ($places as $place)
    <g @class([
        'place',
        'in-use' => $place->inUse,
        'taken' => $place->position->taken === true,
        'sideways' => $place->position->sideFacing === true,
    ]) data-place="{{ $place->position->name }}" data-in-use="{{ $place->inUse ? 'yes' : 'no' }}"
        @if ($press) data-press="{{ $press }}{{ $place->position->name }}" @endif
        transform="translate({{ $place->x }} {{ $place->y }})">
        <title>@tell($place->title): @tell(Listing::names($place->signs))</title>
        <rect class="cushion" width="{{ CarAbove::PLACE_WIDTH }}"
            height="{{ CarAbove::CUSHION_DEPTH }}" rx="12" />
        <rect class="seat-back" y="{{ CarAbove::BACK_AT }}"
            width="{{ CarAbove::PLACE_WIDTH }}" height="18" rx="8" />
        @if ($place->position->airbag)
            <path class="airbag" d="M16-6q36-34 72 0z" data-airbag />
        @endif
        @if ($place->position->lowerAnchors)
            <path class="bar" d="M28-24h12m24 0h12" transform="translate(0 {{ CarAbove::PLACE_HEIGHT }})" data-anchors />
        @endif
        @if ($place->position->tetherAnchor)
            <path class="bar" d="M52 2v10" transform="translate(0 {{ CarAbove::PLACE_HEIGHT }})" data-tether-anchor />
        @endif
        @if ($place->position->belt?->value === 'lap_shoulder')
            <path class="webbing" d="M{{ str_ends_with($place->position->name, 'L') ? '4 8L96 78M4' : '100 8L8 78M4' }} 74H100"
                data-belt="lap_shoulder" />
        @elseif ($place->position->belt?->value === 'lap')
            <path class="webbing" d="M4 70H100" data-belt="lap" />
        @endif
        <text x="8" y="15" transform="translate(0 {{ CarAbove::PLACE_HEIGHT }})" class="strong">{{ $place->position->name }}</text>
        @if ($place->position->taken)
            <text x="52" y="56" text-anchor="middle">{{ __('drawings.labels.taken') }}</text>
        @endif
    </g>
@endforeach
