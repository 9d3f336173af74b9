@props(['drawing', 'm', 's', 'cushion', 'name' => 'buckle', 'press' => 'row'])
<figure class="card-work drawing drawing-front" data-drawing="{{ $name === 'buckle' ? 'buckle' : 'front' }}">
    <svg viewBox="0 {{ $drawing->top }} {{ $drawing::WIDTH }} {{ $drawing::HEIGHT - $drawing->top }}" role="img" aria-labelledby="front-{{ $name }}-title front-{{ $name }}-desc">
        <title id="front-{{ $name }}-title">The child from the front</title>
        <desc id="front-{{ $name }}-desc">{{ implode(' ', $drawing->text) }}</desc>
        <path class="shell" d="M96 {{ $cushion + 30 }}V{{ $s - 70 }}q0-44 44-44h140q44 0 44 44V{{ $cushion + 30 }}z" />
        @if ($drawing->window)
            <rect class="window" x="98" y="{{ $drawing->window[0] }}" width="224" height="{{ $drawing->window[1] - $drawing->window[0] }}" />
        @endif
        <path class="child" d="M{{ $m - 54 }} {{ $s + 14 }}q6-22 30-24h48q24 2 30 24l10 {{ $cushion - $s - 40 }}q0 26-20 26h-88q-20 0-20-26z" />
        <circle class="child" cx="{{ $m }}" cy="{{ $s - 62 }}" r="40" />
        <path class="face" d="M{{ $m - 13 }} {{ $s - 66 }}v5m26-5v5m-22 15q9 7 18 0" />
        @foreach ($drawing->slots as $slot)
            <g @class(['slot', 'in-use' => $slot['inUse'], 'right' => $slot['right'], 'forbidden' => ! $slot['allowed']]) data-slot="{{ $slot['number'] }}" data-press="{{ $press }}-setup-harness-slot-{{ $slot['number'] }}">
                <rect class="reach" x="98" y="{{ $slot['y'] - 16 }}" width="300" height="32" />
                <rect x="106" y="{{ $slot['y'] - 5 }}" width="40" height="10" rx="5" /><rect x="274" y="{{ $slot['y'] - 5 }}" width="40" height="10" rx="5" />
                <text x="334" y="{{ $slot['y'] + 5 }}">{{ $slot['number'] }}{{ $slot['right'] ? ' right' : '' }}{{ $slot['allowed'] ? '' : ' not here' }}</text>
            </g>
        @endforeach
        <path @class(['shoulder-line', 'guess' => ! $drawing->shoulderMeasured]) d="M30 {{ $s }}H324" />
        <text class="strong" x="8" y="{{ $s - 8 }}">{{ $drawing->shoulderLabel ?? 'shoulder?' }}</text>
        @if ($drawing->strap !== null)
            <g @class(['strap-line', 'slack' => $drawing->tight === false, 'unknown' => $drawing->tight === null]) data-tight="{{ var_export($drawing->tight, true) }}">
                <path d="M126 {{ $drawing->strap }}L{{ $m - 34 }} {{ $s - 4 }}Q{{ $m - 36 - $drawing->bow() }} {{ ($s + 330) / 2 }} {{ $m - 8 }} 330" />
                <path d="M294 {{ $drawing->strap }}L{{ $m + 34 }} {{ $s - 4 }}Q{{ $m + 36 + $drawing->bow() }} {{ ($s + 330) / 2 }} {{ $m + 8 }} 330" />
            </g>
            <rect class="buckle-body" x="{{ $m - 17 }}" y="322" width="34" height="30" rx="6" /><path class="crotch" d="M{{ $m }} 352v{{ $cushion - 340 }}" />
        @endif
        @if ($drawing->slots !== [] || $drawing->clip)
            <rect class="clip-band" x="{{ $m - 52 }}" y="{{ $drawing->armpit - 11 }}" width="104" height="22" data-press="{{ $press }}-setup-harness-clip-armpit" />
        @endif
        @if ($drawing->clip)
            <g @class(['clip', 'wrong' => ! $drawing->clip['right']]) data-clip="{{ $drawing->clip['right'] ? 'right' : 'wrong' }}">
                @if ($drawing->clip['joined'])
                    <rect x="{{ $m - 34 }}" y="{{ $drawing->clip['y'] - 8 }}" width="68" height="16" rx="5" />
                @else
                    <rect x="{{ $m - 46 }}" y="{{ $drawing->clip['y'] - 8 }}" width="28" height="16" rx="5" /><rect x="{{ $m + 18 }}" y="{{ $drawing->clip['y'] - 8 }}" width="28" height="16" rx="5" />
                @endif
            </g>
        @endif
        @if ($drawing->belt)
            @if ($drawing->belt['shoulder'] !== null)<path @class(['vehicle-belt', 'wrong' => $drawing->belt['underArm']]) data-belt="shoulder" d="M{{ $drawing->belt['shoulder'] - 26 }} {{ $s - 96 }}L{{ $drawing->belt['shoulder'] }} {{ $s - 6 }}L{{ $m + 62 }} 338" />@endif
            @if ($drawing->belt['lap'] !== null)<path class="vehicle-belt" data-belt="lap" d="M{{ $m - 78 }} {{ $cushion - 14 }}Q{{ $m }} {{ $drawing->belt['lap'] - 14 }} {{ $m + 66 }} {{ $cushion - 24 }}" />@endif
        @endif
        <path class="cushion" d="M70 {{ $cushion }}h280" />
    </svg>
    <figcaption><x-drawing-words :lines="$drawing->text" /></figcaption>
</figure>
