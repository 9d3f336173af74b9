@props(['drawing'])
<figure class="card-work drawing" data-drawing="movement">
    <svg viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing->bottom + 42 }}" role="img" aria-labelledby="gauge-title gauge-desc">
        <title id="gauge-title">Movement at the belt path, every try against the limit</title>
        <desc id="gauge-desc">{{ implode(' ', $drawing->text) }}</desc>
        @foreach ($drawing->rows as $row)
            <text class="strong" x="{{ $drawing::LEFT }}" y="{{ $row['y'] - 10 }}">{{ $row['title'] }}</text>
            <rect class="within" x="{{ $drawing::LEFT }}" y="{{ $row['y'] }}" width="{{ $drawing->limit - $drawing::LEFT }}" height="{{ $drawing::BAR }}" />
            <rect class="beyond" x="{{ $drawing->limit }}" y="{{ $row['y'] }}" width="{{ $drawing::RIGHT - $drawing->limit }}" height="{{ $drawing::BAR }}" />
            @foreach ($row['tries'] as $try)
                <g @class(['try-dot', 'ok' => $try['within'], 'last' => $try['last']]) data-try="{{ $row['direction'] }}-{{ $try['number'] }}" data-within="{{ $try['within'] ? 'yes' : 'no' }}">
                    <circle cx="{{ $try['x'] }}" cy="{{ $row['y'] + 19 }}" r="14" />
                    <text x="{{ $try['x'] }}" y="{{ $row['y'] + 24 }}" text-anchor="middle">{{ $try['number'] }}</text>
                </g>
            @endforeach
        @endforeach
        <path class="limit" d="M{{ $drawing->limit }} 40V{{ $drawing->bottom }}" />
        <text class="strong" x="{{ $drawing->limit }}" y="28" text-anchor="middle">{{ $drawing->limitLabel }}, the limit</text>
        @foreach ($drawing->ticks as $tick)
            <path class="tick" d="M{{ $tick['x'] }} {{ $drawing->bottom }}v{{ $tick['label'] ? 10 : 6 }}" />
            @if ($tick['label'])<text class="year" x="{{ $tick['x'] }}" y="{{ $drawing->bottom + 34 }}" text-anchor="middle">{{ $tick['label'] }}</text>@endif
        @endforeach
    </svg>
    <figcaption><x-drawing-words :lines="$drawing->text" /></figcaption>
</figure>
