@use('MintBuckle\Core\Telling\Listing')
@props(['drawing', 'name' => 'measure', 'title' => null,  'press' => 'row'])
<figure class="card-work drawing" data-drawing="side" data-side="{{ $name }}">
    <svg viewBox="90 6 520 {{ $drawing::VIEW_HEIGHT }}" role="img"
        aria-labelledby="side-{{ $name }}-title side-{{ $name }}-desc">
        <title id="side-{{ $name }}-title">{{ $title ?? __('drawings.labels.side') }}</title>
        <desc id="side-{{ $name }}-desc">@tell(Listing::sentences($drawing->text))</desc>
        <path class="cushion-shape" data-edge="{{ $drawing->edge }}" d="{{ $drawing->cushionPath() }}" />
        @if ($drawing->range)
            <path class="range" data-range d="{{ $drawing->rangePath() }}" />
        @endif
        @foreach ($drawing->noodles as $noodle)
            <circle @class(['noodle', 'ghost' => $drawing->wedgeProposed]) data-noodle
                cx="{{ $noodle['x'] }}" cy="{{ $noodle['y'] }}" r="{{ $noodle['r'] }}" />
        @endforeach
        @if ($drawing->towel)
            <ellipse @class(['noodle', 'ghost' => $drawing->wedgeProposed]) data-towel
                cx="{{ $drawing->towel['x'] }}" cy="{{ $drawing->towel['y'] }}"
                rx="{{ $drawing->towel['rx'] }}" ry="{{ $drawing->towel['ry'] }}" />
        @endif
        <g @class([
            'seat-body',
            'out' => $drawing->inRange === false,
            'guess' => !$drawing->angleMeasured,
        ]) data-in-range="{{ var_export($drawing->inRange, true) }}">
            <rect class="base" x="{{ $drawing->base[0] }}" y="276" width="{{ $drawing->baseWidth() }}" height="40" rx="10" />
            <path class="back" data-angle="{{ $drawing->angleLabel?->base() }}"
                d="M{{ $drawing->shell[0] }} {{ $drawing->shell[1] }}L{{ $drawing->shell[2] }} {{ $drawing->shell[3] }}"
                data-press="{{ $press }}-setup-angle-amount" />
            <path class="pan" d="{{ $drawing->panPath() }}" />
        </g>
        <path class="child-body" d="{{ $drawing->childPath() }}" />
        <circle class="child" cx="{{ $drawing->head[0] }}" cy="{{ $drawing->head[1] }}" r="29" />
        @if ($drawing->angleLabel)
            <g transform="translate({{ $drawing->shell[0] }} {{ $drawing->shell[1] }})">
                <path class="plumb" d="M0 0V-210" />
                <text class="strong" x="8" y="-196">@tell($drawing->angleLabel)</text>
            </g>
        @endif
        @if ($drawing->tether)
            <path class="tether" data-tether d="{{ $drawing->tetherPath() }}" />
        @endif
        @if ($drawing->allowedEdge !== null)
            <path class="allowed" data-allowed-edge="{{ $drawing->allowedEdge }}" d="M{{ $drawing->allowedEdge }} 322v36" /><text
                x="{{ $drawing->allowedEdge }}" y="376" text-anchor="middle">{{ __('drawings.labels.allowed') }}</text>
        @endif
        <g class="overhang" data-press="{{ $press }}-setup-overhang-amount">
            <rect class="reach" x="{{ $drawing->overhangReach() }}" y="300" width="80" height="64" />
            @if ($drawing->edgeMeasured && $drawing->edge > $drawing->base[0])
                <path class="span" data-overhang
                    d="M{{ $drawing->base[0] }} 326H{{ $drawing->edge }}M{{ $drawing->base[0] }} 318v16M{{ $drawing->edge }} 318v16" />
                <text class="strong" x="-6" y="348" text-anchor="end"
                    transform="translate({{ $drawing->base[0] }} 0)">@tell($drawing->overhangLabel ??
                        __('drawings.labels.over_edge'))</text>
            @endif
        </g>
    </svg>
    <figcaption>@include('components.drawing-words', ['lines' => $drawing->text])</figcaption>
</figure>
