@use('MintBuckle\Core\Telling\Listing')
@props(['drawing', 'rows' => false])
<figure class="card-work drawing" data-drawing="history">
    <svg viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing::HEIGHT }}" role="img" aria-labelledby="parts-title parts-desc">
        <title id="parts-title">{{ __('drawings.labels.parts') }}</title>
        <desc id="parts-desc">@tell(Listing::sentences($drawing->text))</desc>
        @foreach ($drawing->parts as $part)
            <g class="part part-{{ $part['state'] }}" data-part="{{ $part['part'] }}" data-state="{{ $part['state'] }}"
                data-press="{{ $rows ? $drawing::row($part['state']) : "part-{$part['part']}" }}"
                transform="translate({{ $part['x'] }} {{ $part['y'] }})">
                <rect class="reach" x="-70" y="-64" width="140" height="116" rx="14" />
                @switch($part['part'])
                    @case('shell')
                        <path class="body"
                            d="M-46-92q0-16 16-16h60q16 0 16 16l8 92q28 4 28 30v26q0 12-12 12h-140q-12 0-12-12V30q0-26 28-30z" />
                    @break

                    @case('harness')
                        <path class="cord" d="M-30-46v58q0 14 30 20M30-46v58q0 14-30 20M0 32v14" />
                        <rect class="body" x="-22" y="-12" width="44" height="13" rx="4" />
                    @break

                    @case('buckle')
                        <path class="cord" d="M0 24v18M-26-36l16 22M26-36l-16 22" />
                        <rect class="body" x="-20" y="-18" width="40" height="44" rx="9" />
                        <rect class="hole" x="-9" y="-6" width="18" height="12" rx="3" />
                    @break

                    @case('adjuster')
                        <path class="cord" d="M0-40v84" />
                        <rect class="body" x="-18" y="-24" width="36" height="34" rx="7" />
                    @break

                    @case('tether')
                        <path class="cord" d="M-40-40q40 10 34 46t40 34" />
                        <path class="hook" d="M34 40q20 4 18-12" />
                    @break

                    @case('base')
                        <path class="body" d="M-96-22H96l-8 36q-2 8-12 8H-76q-10 0-12-8z" />
                    @break

                    @case('label')
                        <rect class="body" x="-44" y="-32" width="88" height="60" rx="6" />
                        <path class="cord thin" d="M-32-16h64M-32-2h64M-32 12h38" />
                    @break
                @endswitch
                @if (in_array($part['state'], ['damaged', 'missing', 'missing_minor'], true))
                    <path class="cross" d="M-34-34l68 68M34-34l-68 68" />
                @endif
                <text y="{{ $part['part'] === 'base' ? 48 : ($part['part'] === 'shell' ? 92 : 68) }}" text-anchor="middle"
                    class="strong">{{ __("drawings.parts.names.{$part['part']}") }}</text>
            </g>
        @endforeach
        <g data-press="row-seat-history-extras-name" class="extras">
            <rect class="reach" x="282" y="281" width="350" height="73" rx="14" />
            <text x="296" y="307" class="strong">{{ __('drawings.labels.beside') }}</text>
            @forelse ($drawing->extras as $extra)
                <g class="extra @if ($extra['foreign'] !== false) foreign @endif" data-extra="{{ $extra['name'] }}"
                    transform="translate({{ $extra['x'] }} {{ $extra['y'] }})">
                    <circle cx="14" cy="12" r="11" /><text x="30" y="17">{{ Illuminate\Support\Str::limit($extra['name'], 9) }}</text>
                </g>
            @empty
                <text x="296" y="338">{{ __($drawing->extrasKnown ? 'drawings.labels.nothing' : 'drawings.labels.not_looked') }}</text>
            @endforelse
        </g>
    </svg>
    <figcaption>@include('components.drawing-words', ['lines' => $drawing->text])</figcaption>
</figure>
