@use('Illuminate\Support\Arr')
@use('MintBuckle\Core\Telling\Listing')
@props(['drawing', 'name' => 'buckle', 'press' => 'row'])
<figure class="card-work drawing drawing-front" data-drawing="{{ $name === 'buckle' ? 'buckle' : 'front' }}">
    <svg viewBox="0 {{ $drawing->top }} {{ $drawing::WIDTH }} {{ $drawing->height }}" role="img"
        aria-labelledby="front-{{ $name }}-title front-{{ $name }}-desc">
        <title id="front-{{ $name }}-title">{{ __('drawings.labels.front') }}</title>
        <desc id="front-{{ $name }}-desc">@tell(Listing::sentences($drawing->text))</desc>
        <path class="shell" d="{{ $drawing->shellPath() }}" />
        @if ($drawing->window)
            <path class="window" d="M98 {{ $drawing->window[0] }}h224V{{ $drawing->window[1] }}H98z" />
        @endif
        <path class="child" d="{{ $drawing->bodyPath() }}" />
        <g transform="translate({{ $drawing::MIDDLE }} {{ $drawing->shoulder }})">
            <circle class="child" cy="-62" r="40" />
            <path class="face" d="M-13-66v5m26-5v5m-22 15q9 7 18 0" />
        </g>
        @foreach ($drawing->slots as $slot)
            <g @class([
                'slot',
                'in-use' => $slot['inUse'],
                'right' => $slot['right'],
                'forbidden' => !$slot['allowed'],
            ]) data-slot="{{ $slot['number'] }}"
                data-press="{{ $press }}-setup-harness-slot-{{ $slot['number'] }}" transform="translate(0 {{ $slot['y'] }})">
                <rect class="reach" x="98" y="-16" width="300" height="32" />
                <rect x="106" y="-5" width="40" height="10" rx="5" />
                <rect x="274" y="-5" width="40" height="10" rx="5" />
                <text x="334"
                    y="5">{{ __('drawings.labels.slot', Arr::only($slot, ['number', 'right', 'allowed'])) }}</text>
            </g>
        @endforeach
        <g transform="translate(0 {{ $drawing->shoulder }})">
            <path @class(['shoulder-line', 'guess' => ! $drawing->shoulderMeasured]) d="M30 0H324" />
            <text class="strong" x="8" y="-8">@tell($drawing->shoulderLabel ?? __('drawings.labels.shoulder'))</text>
        </g>
        @if ($drawing->strap !== null)
            <g @class([
                'strap-line',
                'slack' => $drawing->tight === false,
                'unknown' => $drawing->tight === null,
            ]) data-tight="{{ var_export($drawing->tight, true) }}">
                @foreach ($drawing->strapPaths() as $path)
                    <path d="{{ $path }}" />
                @endforeach
            </g>
            <g transform="translate({{ $drawing::MIDDLE }} 352)">
                <rect class="buckle-body" x="-17" y="-30" width="34" height="30" rx="6" />
                <path class="crotch" d="M0 0v32" />
            </g>
        @endif
        @if ($drawing->slots !== [] || $drawing->clip)
            <g transform="translate({{ $drawing::MIDDLE }} {{ $drawing->armpit }})" data-press="{{ $press }}-setup-harness-clip-armpit">
                <rect class="reach" x="-52" y="-16" width="104" height="32" />
                <rect class="clip-band" x="-52" y="-11" width="104" height="22" />
            </g>
            @foreach (['high' => -40, 'low' => 40] as $place => $dy)
                <rect class="reach" x="-52" y="-16" width="104" height="32"
                    transform="translate({{ $drawing::MIDDLE }} {{ $drawing->armpit }}) translate(0 {{ $dy }})"
                    data-press="{{ $press }}-setup-harness-clip-{{ $place }}" />
            @endforeach
        @endif
        @if ($drawing->clip)
            <g @class(['clip', 'wrong' => !$drawing->clip['right']]) data-clip="{{ $drawing->clip['right'] ? 'right' : 'wrong' }}"
                transform="translate({{ $drawing::MIDDLE }} {{ $drawing->clip['y'] }})">
                @if ($drawing->clip['joined'])
                    <rect x="-34" y="-8" width="68" height="16" rx="5" />
                @else
                    <rect x="-46" y="-8" width="28" height="16" rx="5" />
                    <rect x="18" y="-8" width="28" height="16" rx="5" />
                @endif
            </g>
        @endif
        @if ($drawing->belt)
            @if ($drawing->belt['shoulder'] !== null)
                <path @class(['vehicle-belt', 'wrong' => $drawing->belt['underArm']]) data-belt="shoulder"
                    d="{{ $drawing->shoulderBeltPath() }}" />
            @endif
            @if ($drawing->belt['lap'] !== null)
                <path class="vehicle-belt" data-belt="lap"
                    d="{{ $drawing->lapBeltPath() }}" />
            @endif
        @endif
        <path class="cushion" d="M70 {{ $drawing::CUSHION }}h280" />
    </svg>
    <figcaption>@include('components.drawing-words', ['lines' => $drawing->text])</figcaption>
</figure>
