@props(['drawing', 'name' => 'measure', 'title' => 'The seat from the side, to scale', 'press' => 'row'])
<figure class="card-work drawing" data-drawing="side" data-side="{{ $name }}">
    <svg viewBox="90 6 520 {{ $drawing::HEIGHT - 6 }}" role="img" aria-labelledby="side-{{ $name }}-title side-{{ $name }}-desc">
        <title id="side-{{ $name }}-title">{{ $title }}</title>
        <desc id="side-{{ $name }}-desc">{{ implode(' ', $drawing->text) }}</desc>
        <path class="cushion-shape" data-edge="{{ $drawing->edge }}" d="M{{ $drawing->edge + 14 }} {{ $drawing::CREASE[1] }}q-14 0-14 18t14 24h{{ $drawing::CREASE[0] - $drawing->edge - 10 }}l30-30L584 44q2-14-12-16t-18 12L{{ $drawing::CREASE[0] }} {{ $drawing::CREASE[1] }}z" />
        @if ($drawing->range)
            <path @class(['range']) data-range d="M{{ $drawing->shell[0] }} {{ $drawing->shell[1] }}L{{ $drawing->range[0] }} {{ $drawing->range[1] }}A260 260 0 0 0 {{ $drawing->range[2] }} {{ $drawing->range[3] }}z" />
        @endif
        @foreach ($drawing->noodles as $noodle)
            <circle @class(['noodle', 'ghost' => $drawing->wedgeProposed]) data-noodle cx="{{ $noodle['x'] }}" cy="{{ $noodle['y'] }}" r="{{ $noodle['r'] }}" />
        @endforeach
        @if ($drawing->towel)
            <ellipse @class(['noodle', 'ghost' => $drawing->wedgeProposed]) data-towel cx="{{ $drawing->towel['x'] }}" cy="{{ $drawing->towel['y'] }}" rx="{{ $drawing->towel['rx'] }}" ry="{{ $drawing->towel['ry'] }}" />
        @endif
        <g @class(['seat-body', 'out' => $drawing->inRange === false, 'guess' => ! $drawing->angleMeasured]) data-in-range="{{ var_export($drawing->inRange, true) }}">
            <rect class="base" x="{{ $drawing->base[0] }}" y="276" width="{{ $drawing->base[1] - $drawing->base[0] }}" height="40" rx="10" />
            <path class="back" data-angle="{{ $drawing->angleLabel }}" d="M{{ $drawing->shell[0] }} {{ $drawing->shell[1] }}L{{ $drawing->shell[2] }} {{ $drawing->shell[3] }}" data-press="{{ $press }}-setup-angle-amount" />
            <path class="pan" d="M{{ $drawing->shell[0] }} {{ $drawing->shell[1] }}L{{ $drawing->rear ? $drawing->base[1] - 40 : $drawing->base[0] + 26 }} 262" />
        </g>
        <path class="child-body" d="M{{ $drawing->head[0] }} {{ $drawing->head[1] }}L{{ $drawing->shell[0] + ($drawing->rear ? 30 : -30) }} {{ $drawing->shell[1] - 34 }}h{{ $drawing->rear ? 96 : -96 }}" />
        <circle class="child" cx="{{ $drawing->head[0] }}" cy="{{ $drawing->head[1] }}" r="29" />
        @if ($drawing->angleLabel)
            <path class="plumb" d="M{{ $drawing->shell[0] }} {{ $drawing->shell[1] }}V{{ $drawing->shell[1] - 210 }}" /><text class="strong" x="{{ $drawing->shell[0] + 8 }}" y="{{ $drawing->shell[1] - 196 }}">{{ $drawing->angleLabel }}</text>
        @endif
        @if ($drawing->tether)
            <path class="tether" data-tether d="M{{ $drawing->shell[2] }} {{ $drawing->shell[3] + 24 }}Q{{ $drawing->rear ? 120 : 560 }} {{ $drawing->rear ? 120 : 60 }} {{ $drawing->rear ? 130 : 598 }} {{ $drawing->rear ? 350 : 230 }}" />
        @endif
        @if ($drawing->allowedEdge !== null)
            <path class="allowed" data-allowed-edge="{{ $drawing->allowedEdge }}" d="M{{ $drawing->allowedEdge }} 322v36" /><text x="{{ $drawing->allowedEdge }}" y="376" text-anchor="middle">allowed</text>
        @endif
        <g class="overhang" data-press="{{ $press }}-setup-overhang-amount"><rect class="reach" x="{{ min($drawing->base[0], $drawing->edge) - 20 }}" y="300" width="80" height="64" />
            @if ($drawing->edgeMeasured && $drawing->edge > $drawing->base[0])
                <path class="span" data-overhang d="M{{ $drawing->base[0] }} 326H{{ $drawing->edge }}M{{ $drawing->base[0] }} 318v16M{{ $drawing->edge }} 318v16" /><text class="strong" x="{{ $drawing->base[0] - 6 }}" y="348" text-anchor="end">{{ $drawing->overhangLabel ?? 'over the edge' }}</text>
            @endif
        </g>
    </svg>
    <figcaption><x-drawing-words :lines="$drawing->text" /></figcaption>
</figure>
