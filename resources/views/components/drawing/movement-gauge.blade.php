@props(['drawing'])
@php($names = ['side' => 'Side to side', 'front' => 'Front to back', 'up' => 'Up and down'])
@php($bottom = 46 + 78 * count($drawing->rows))
<figure class="card-work drawing" data-drawing="movement">
    <svg viewBox="0 0 {{ $drawing::WIDTH }} {{ $bottom + 42 }}" role="img" aria-labelledby="gauge-title gauge-desc">
        <title id="gauge-title">Movement at the belt path, every try against the limit</title>
        <desc id="gauge-desc">{{ implode(' ', $drawing->text) }}</desc>
        @foreach ($drawing->rows as $row)
            @php($y = 80 + 78 * $loop->index)
            <text class="strong" x="{{ $drawing::LEFT }}" y="{{ $y - 10 }}">{{ $names[$row['direction']] }}</text>
            <rect class="within" x="{{ $drawing::LEFT }}" y="{{ $y }}" width="{{ $drawing->limit - $drawing::LEFT }}" height="38" />
            <rect class="beyond" x="{{ $drawing->limit }}" y="{{ $y }}" width="{{ $drawing::RIGHT - $drawing->limit }}" height="38" />
            @foreach ($row['tries'] as $try)
                <g @class(['try-dot', 'ok' => $try['within'], 'last' => $try['last']]) data-try="{{ $row['direction'] }}-{{ $try['number'] }}" data-within="{{ $try['within'] ? 'yes' : 'no' }}">
                    <circle cx="{{ $try['x'] }}" cy="{{ $y + 19 }}" r="14" />
                    <text x="{{ $try['x'] }}" y="{{ $y + 24 }}" text-anchor="middle">{{ $try['number'] }}</text>
                </g>
            @endforeach
        @endforeach
        <path class="limit" d="M{{ $drawing->limit }} 40V{{ $bottom }}" />
        <text class="strong" x="{{ $drawing->limit }}" y="28" text-anchor="middle">{{ $drawing->limitLabel }}, the limit</text>
        @foreach ($drawing->ticks as $tick)
            <path class="tick" d="M{{ $tick['x'] }} {{ $bottom }}v{{ $tick['label'] ? 10 : 6 }}" />
            @if ($tick['label'])<text class="year" x="{{ $tick['x'] }}" y="{{ $bottom + 34 }}" text-anchor="middle">{{ $tick['label'] }}</text>@endif
        @endforeach
    </svg>
    <figcaption><x-drawing-words :lines="$drawing->text" /></figcaption>
</figure>
