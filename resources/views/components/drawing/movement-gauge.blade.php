@use('MintBuckle\Core\Telling\Listing')
@props(['drawing'])
<figure class="card-work drawing" data-drawing="movement">
    <svg viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing->height() }}" role="img" aria-labelledby="gauge-title gauge-desc">
        <title id="gauge-title">{{ __('drawings.labels.gauge') }}</title>
        <desc id="gauge-desc">@tell(Listing::sentences($drawing->text))</desc>
        @foreach ($drawing->rows as $row)
            <text class="strong" x="{{ $drawing::LEFT }}" y="-10" transform="translate(0 {{ $row['y'] }})">@tell($row['title'])</text>
            <path class="within"
                d="M{{ $drawing::LEFT }} {{ $row['y'] }}H{{ $drawing->limit }}v{{ $drawing::BAR }}H{{ $drawing::LEFT }}z" />
            <path class="beyond"
                d="M{{ $drawing->limit }} {{ $row['y'] }}H{{ $drawing::RIGHT }}v{{ $drawing::BAR }}H{{ $drawing->limit }}z" />
            @foreach ($row['tries'] as $try)
                <g @class(['try-dot', 'ok' => $try['within'], 'last' => $try['last'], 'felt' => $try['felt']])
                    data-try="{{ $row['direction'] }}-{{ $try['number'] }}"
                    data-within="{{ $try['within'] ? 'yes' : 'no' }}" transform="translate({{ $try['x'] }} {{ $row['y'] }})">
                    @if ($try['felt'])
                        <rect x="-15" y="4" width="30" height="30" rx="6" />
                    @else
                        <circle cy="19" r="14" />
                    @endif
                    <text y="24" text-anchor="middle">{{ $try['number'] }}</text>
                </g>
            @endforeach
        @endforeach
        <path class="limit" d="M{{ $drawing->limit }} 40V{{ $drawing->bottom }}" />
        <text class="strong" x="{{ $drawing->limit }}" y="28" text-anchor="middle">{{ __('drawings.labels.the_limit', ['limit' =>
            $drawing->limitLabel]) }}</text>
        @foreach ($drawing->ticks as $tick)
            <path class="tick" d="M{{ $tick['x'] }} {{ $drawing->bottom }}v{{ $tick['label'] ? 10 : 6 }}" />
            @if ($tick['label'])
                <text class="year" y="34" text-anchor="{{ $loop->first ? 'start' : ($loop->last ? 'end' : 'middle') }}"
                    transform="translate({{ $tick['x'] }} {{ $drawing->bottom }})">@tell($tick['label'])</text>
            @endif
        @endforeach
    </svg>
    <figcaption>@include('components.drawing-words', ['lines' => $drawing->text])</figcaption>
</figure>
