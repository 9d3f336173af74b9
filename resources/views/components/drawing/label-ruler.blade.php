@props(['drawing'])
<figure class="card-work drawing" data-drawing="label">
    <svg viewBox="0 0 {{ $drawing::WIDTH }} 190" role="img" aria-labelledby="ruler-title ruler-desc">
        <title id="ruler-title">A ruler of time</title>
        <desc id="ruler-desc">{{ implode(' ', $drawing->text) }}</desc>
        @foreach ($drawing->bands as $band)
            <g class="band band-{{ strtolower($band['covers']->name) }}" data-band="{{ $band['id'] }}">
                <rect x="{{ $band['from'] }}" y="52" width="{{ max(4, $band['to'] - $band['from']) }}" height="76" />
                <text x="{{ min($drawing::RIGHT - 70, max($drawing::LEFT, ($band['from'] + $band['to']) / 2 - 30)) }}" y="{{ 30 + 18 * ($loop->index % 2) }}">{{ $band['id'] }}</text>
            </g>
        @endforeach
        <rect class="ground" x="{{ $drawing::LEFT }}" y="78" width="{{ $drawing::RIGHT - $drawing::LEFT }}" height="24" rx="4" />
        @if ($drawing->made && $drawing->expires !== null)
            <rect class="usable" x="{{ $drawing->made[0] }}" y="78" width="{{ max(0, $drawing->expires - $drawing->made[0]) }}" height="24" />
        @endif
        @foreach ($drawing->years as $year)
            <path class="tick" d="M{{ $year['x'] }} 102v10" />
            <text class="year" x="{{ $year['x'] }}" y="128" text-anchor="middle">{{ $year['label'] }}</text>
        @endforeach
        @if ($drawing->made)
            @if ($drawing->made[1] - $drawing->made[0] > 1)
                <rect class="blur" data-blur x="{{ $drawing->made[0] }}" y="70" width="{{ $drawing->made[1] - $drawing->made[0] }}" height="40" rx="6" />
            @endif
            <path class="made" data-made d="M{{ $drawing->made[0] }} 66v48" />
            <text class="strong" x="{{ max($drawing::LEFT, $drawing->made[0] - 20) }}" y="158">made</text>
        @endif
        @if ($drawing->expires !== null)
            <path @class(['expires', 'over' => $drawing->expired]) data-expires="{{ $drawing->expires }}" d="M{{ $drawing->expires }} 60v60" />
            <text class="strong" x="{{ $drawing->expires }}" y="158" text-anchor="middle">no more use</text>
        @endif
        <path class="today" data-today="{{ $drawing->today }}" d="M{{ $drawing->today }} 56v66m-7 0h14l-7 9z" />
        <text class="strong" x="{{ $drawing->today }}" y="180" text-anchor="middle">today</text>
    </svg>
    <figcaption><x-drawing-words :lines="$drawing->text" /></figcaption>
</figure>
