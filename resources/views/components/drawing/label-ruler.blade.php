@use('MintBuckle\Core\Telling\Listing')
@props(['drawing'])
<figure class="card-work drawing" data-drawing="label">
    <svg viewBox="0 -12 {{ $drawing::WIDTH }} 186" role="img" aria-labelledby="ruler-title ruler-desc">
        <title id="ruler-title">{{ __('drawings.labels.ruler') }}</title>
        <desc id="ruler-desc">@tell(Listing::sentences($drawing->text))</desc>
        @foreach ($drawing->bands as $band)
            <g class="band band-{{ strtolower($band['covers']->name) }}" data-band="{{ $band['id'] }}">
                <rect x="{{ $band['from'] }}" y="56" width="{{ $drawing::bandWidth($band['from'], $band['to']) }}" height="62" />
                <text x="{{ $drawing::bandLabel($band['from'], $band['to'], $loop->index)[0] }}"
                    y="{{ $drawing::bandLabel($band['from'], $band['to'], $loop->index)[1] }}">{{ $band['id'] }}</text>
            </g>
        @endforeach
        <rect class="ground" x="{{ $drawing::LEFT }}" y="78" width="{{ $drawing::LENGTH }}" height="24" rx="4" />
        @if ($drawing->made && $drawing->expires !== null)
            <rect class="usable" x="{{ $drawing->made[0] }}" y="78" width="{{ $drawing->usable() }}" height="24" />
        @endif
        @foreach ($drawing->years as $year)
            <path class="tick" d="M{{ $year['x'] }} 102v14" />
            <text class="year" x="{{ $year['x'] }}" y="136" text-anchor="middle">{{ $year['label'] }}</text>
        @endforeach
        @if ($drawing->made)
            @if ($drawing->blur() > 1)
                <rect class="blur" data-blur x="{{ $drawing->made[0] }}" y="70" width="{{ $drawing->blur() }}" height="40" rx="6" />
            @endif
            <path class="made" data-made d="M{{ $drawing->made[0] }} 70v40" />
            <text class="strong" x="{{ $drawing->madeLabel() }}" y="162">{{ __('drawings.labels.made') }}</text>
        @endif
        @if ($drawing->expires !== null)
            <path @class(['expires', 'over' => $drawing->expired]) data-expires="{{ $drawing->expires }}"
                d="M{{ $drawing->expires }} 66v48" />
            <text class="strong" x="{{ $drawing->expires }}" y="162" text-anchor="middle">{{ __('drawings.labels.no_more_use') }}</text>
        @endif
        <path class="today" data-today="{{ $drawing->today }}" transform="translate({{ $drawing->today }} 62)" d="M0 0v44M-7 0h14l-7 10z" />
        <text class="strong" x="{{ $drawing->today }}" y="54" text-anchor="middle">{{ __('drawings.labels.today') }}</text>
    </svg>
    <figcaption>@include('components.drawing-words', ['lines' => $drawing->text])</figcaption>
</figure>
