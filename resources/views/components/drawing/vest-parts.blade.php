@props(['parts', 'left' => 410, 'apart' => 118])
@foreach (['front' => $left, 'back' => $left + $apart] as $side => $x)
    <g class="vest" transform="translate({{ $x }} 70)" data-vest="{{ $side }}">
        <text x="50" y="-34" text-anchor="middle" class="strong">{{ __("drawings.bench.vest_{$side}") }}</text>
        <g @class(['seen', 'seen-' . $parts[$side === 'front' ? 'coat' : 'size']['state']])
            data-press="{{ $parts[$side === 'front' ? 'coat' : 'size']['press'] }}">
            <rect class="reach" x="0" y="-22" width="100" height="250" /><path class="body"
                d="M18 0q32 18 64 0l12 30-6 150q-38 14-76 0L6 30z" />
        </g>
        @if (($parts['closure']['state'] === 'fault') === ($side === 'front'))
            <g @class(['seen', 'seen-' . $parts['closure']['state']])
                data-press="{{ $parts['closure']['press'] }}" data-closure>
                <rect class="reach" x="34" y="14" width="32" height="130" /><path class="zip" d="M50 14v130" />
            </g>
        @endif
        @foreach (['shoulders' => 10, 'hips' => 166] as $part => $y)
            <g @class(['seen', 'seen-' . $parts[$part]['state']]) data-press="{{ $parts[$part]['press'] }}">
                <rect class="reach" transform="translate(-4 {{ $y }})" y="-24" width="108" height="48" />
                <circle class="point" cx="20" cy="{{ $y }}" r="9" /><circle class="point" cx="80" cy="{{ $y }}" r="9" />
            </g>
        @endforeach
        @if ($side === 'front')
            <g @class(['seen', 'seen-' . $parts['neck']['state']]) data-press="{{ $parts['neck']['press'] }}">
                <rect class="reach" x="0" y="36" width="100" height="48" /><path class="strap"
                    d="M8 {{ $parts['neck']['state'] === 'fault' ? 34 : 66 }}h84" />
            </g>
            <g @class(['seen', 'seen-' . $parts['lowest']['state']])
                data-press="{{ $parts['lowest']['press'] }}">
                <rect class="reach" x="0" y="92" width="100" height="48" /><path class="strap"
                    d="M8 {{ $parts['lowest']['state'] === 'fault' ? 112 : 152 }}h84" />
            </g>
            <g @class(['seen', 'seen-' . $parts['crotch']['state']])
                data-press="{{ $parts['crotch']['press'] }}">
                <rect class="reach" x="20" y="182" width="60" height="48" /><path class="strap" d="M50 184v36" />
            </g>
        @endif
    </g>
@endforeach
