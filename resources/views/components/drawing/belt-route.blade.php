@use('MintBuckle\Core\Telling\Listing')
@use('MintBuckle\Present\Drawing\ModePlane')
@props(['drawing', 'press' => 'row'])
<figure class="card-work drawing" data-drawing="secure">
    <svg viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing::HEIGHT }}" role="img" aria-labelledby="route-title route-desc">
        <title id="route-title">{{ __('drawings.labels.route') }}</title>
        <desc id="route-desc">@tell(Listing::sentences($drawing->text))</desc>
        <path class="cushion-shape" d="M150 300V40q0-26 30-26h280q30 0 30 26v260zM124 384V330q0-26 26-26h340q26 0 26 26v54z" />
        @if ($drawing->rear)
            <path class="shell" data-facing="rear" d="M206 334V112q0-62 62-62h104q62 0 62 62v222q0 14-14 14H220q-14 0-14-14z" />
            <path class="child-body" d="M292 44q28-30 56 0" /><text x="320" y="104" text-anchor="middle">{{
                __('drawings.labels.faces_rear') }}</text>
        @else
            <path class="shell" data-facing="forward" d="M206 334V112q0-62 62-62h104q62 0 62 62v222q0 14-14 14H220q-14 0-14-14z" />
            <circle class="child" cx="320" cy="110" r="34" />
            <path class="child-body thin" d="M308 106v5m24-5v5m-20 12q8 6 16 0" />
        @endif
        @foreach ($drawing::PATHS as $name => $y)
            <g @class([
                'opening',
                'in-use' => $drawing->path === $name,
                'wrong' => $drawing->path === $name && $drawing->rightPath === false,
            ]) data-path-opening="{{ $name }}"
                data-press="{{ $press }}-setup-belt-path-{{ $name }}" transform="translate({{ $drawing::SHELL[0] }} {{ $y }})">
                <rect class="reach" y="-40" width="{{ $drawing::SHELL_WIDTH }}" height="64" rx="10" />
                <rect class="slit" y="-17" width="{{ $drawing::SHELL_WIDTH }}" height="34" rx="10" />
                <text x="{{ $drawing::SHELL_HALF }}" y="-25"
                    text-anchor="middle">{{ __("drawings.labels.path.{$name}") }}</text>
            </g>
        @endforeach
        <g class="bars" data-press="{{ $press }}-setup-held-by-lower_anchors">
            @foreach ($drawing::BARS as [$x, $y])
                <g transform="translate({{ $x }} {{ $y }})">
                    <circle class="reach" r="26" />
                    <path d="M-13 6q13-18 26 0" />
                </g>
            @endforeach
        </g>
        <g class="hardware" data-press="{{ $press }}-setup-held-by-belt">
            <path d="M{{ $drawing::RETRACTOR[0] }} 12v360" class="pillar" />
            <g transform="translate({{ $drawing::RETRACTOR[0] }} {{ $drawing::RETRACTOR[1] }})">
                <rect x="-20" y="-26" width="40" height="54" rx="9" />
                <text y="-36" text-anchor="middle">{{ __('drawings.labels.retractor') }}</text>
            </g>
            <g transform="translate({{ $drawing::LATCH_PLATE[0] }} {{ $drawing::LATCH_PLATE[1] }})">
                <rect x="-18" y="-14" width="36" height="58" rx="9" />
                <text y="66" text-anchor="middle">{{ __('drawings.labels.latch_plate') }}</text>
            </g>
        </g>
        @foreach ($drawing->straps as $strap)
            <polyline class="webbing" data-strap points="{{ ModePlane::points($strap) }}" />
        @endforeach
        @foreach ($drawing->belt as $part)
            <polyline @class([
                'webbing',
                'loose' => $drawing->fixed === false,
                'unknown' => $drawing->fixed === null,
                'twisted' => $drawing->twisted,
            ]) data-belt data-fixed="{{ var_export($drawing->fixed, true) }}"
                points="{{ ModePlane::points($part) }}" />
        @endforeach
        @foreach ($drawing->locks as $lock)
            <g @class([
                'lock',
                'claimed' => $lock['claimed'],
                'holds' => $lock['claimed'] && $lock['holds']->name === 'Yes',
                'fails' => $lock['claimed'] && $lock['holds']->name === 'No',
            ]) data-lock="{{ $lock['lock'] }}" data-claimed="{{ $lock['claimed'] ? 'yes' : 'no' }}"
                data-press="{{ $press }}-setup-lock-{{ $lock['lock'] }}"
                transform="translate({{ $lock['x'] }} {{ $lock['y'] }})">
                <title>{{ __("locks.{$lock['lock']}.title") }}</title>
                <circle class="reach" r="24" />
                <path class="shackle" d="M-7-2v-7q0-8 7-8t7 8v7" />
                <rect x="-11" y="-3" width="22" height="17" rx="4" />
                @unless ($lock['lock'] === 'retractor' || $lock['lock'] === 'latch_plate')
                    <text y="34"
                        text-anchor="middle">{{ __("locks.{$lock['lock']}.short") }}</text>
                @endunless
            </g>
        @endforeach
    </svg>
    <figcaption>@include('components.drawing-words', ['lines' => $drawing->text])</figcaption>
</figure>
