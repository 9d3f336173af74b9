@use('MintBuckle\Core\Telling\Listing')
@props(['drawing'])
<figure class="card-work drawing" data-drawing="bus-above" data-bus-plan>
    <svg viewBox="0 0 {{ $drawing->width }} {{ $drawing->height }}"
        @class(['long' => count($drawing->rows) > 8]) role="img" aria-labelledby="above-title above-desc">
        <title id="above-title">{{ __('drawings.bus.title') }}</title>
        <desc id="above-desc">@tell(Listing::sentences($drawing->text))</desc>
        <rect class="hull" x="4" y="4" width="{{ $drawing->hull['width'] }}" height="{{ $drawing->hull['height'] }}" rx="40" />
        <path class="glass" d="M28 40v{{ $drawing->hull['glass'] }}" />
        <text x="58" y="62" text-anchor="middle" transform="rotate(-90 58 62)">{{ __('drawings.bus.driver') }}</text>
        @foreach ($drawing->rows as $row)
            <text class="row-number" x="{{ $row['x'] }}" y="{{ $drawing->aisle }}" text-anchor="middle">{{ $row['row'] }}</text>
        @endforeach
        @foreach ($drawing->benches as $bench)
            <g @class(['bus-bench', 'exit' => $bench['exit'], 'keep-empty' => $bench['empty']])
                transform="translate({{ $bench['x'] }} {{ $bench['y'] }})" data-bench="{{ $bench['row'] }} {{ $bench['side'] }}">
                <rect class="cushion" width="{{ $drawing::BENCH }}" height="{{ $bench['height'] }}" rx="12" />
                <rect @class(['back', 'wrapped' => $bench['wrap']]) x="{{ $drawing::BENCH }}" y="3" width="11"
                    height="{{ $bench['back'] }}" rx="5" />
                @if ($bench['belt'] !== null)
                    <path class="belt" d="M60 {{ $bench['belt'] }}l-28 18" />
                @endif
                @if ($bench['anchors'])
                    <path class="anchor" d="M66 14h10m-10 18h10" />
                @endif
                @foreach ($bench['places'] as $place)
                    <rect class="place" y="{{ $place['y'] }}" width="{{ $drawing::BENCH }}" height="{{ $drawing::PLACE }}"
                        data-place="{{ $bench['row'] }}|{{ $bench['side'] }}|{{ $place['place'] }}" />
                @endforeach
                @if ($bench['exit'] || $bench['empty'])
                    <text x="37" y="{{ $bench['middle'] }}" text-anchor="middle">{{
                        __($bench['exit'] ? 'drawings.bus.exit' : 'drawings.bus.empty') }}</text>
                @endif
            </g>
        @endforeach
        @foreach ($drawing->riders as $rider)
            <g @class([
                'bus-rider',
                'restrained' => $rider['system'] !== null,
                'ghost' => $rider['ghost'],
                'fault' => $rider['fault'],
            ]) transform="translate({{ $rider['x'] }} {{ $rider['y'] }})" data-rider="{{ $rider['name'] }}"
                data-at="{{ $rider['at'] }}" data-ghost="{{ $rider['ghost'] ? 'yes' : 'no' }}">
                <rect x="4" y="4" width="62" height="{{ $rider['box'] }}" rx="11" />
                <text x="35" y="{{ $rider['system'] === null ? 31 : 23 }}" text-anchor="middle" class="strong">{{
                    Illuminate\Support\Str::limit($rider['name'], 6, '…') }}</text>
                @if ($rider['system'] !== null)
                    <text x="35" y="41" text-anchor="middle">{{ __("drawings.bus.system.{$rider['system']}") }}</text>
                @endif
            </g>
        @endforeach
    </svg>
    <figcaption><x-drawing-words :lines="$drawing->text" /></figcaption>
</figure>
