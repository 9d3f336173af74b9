@use('MintBuckle\Core\Telling\Listing')
@props(['drawing', 'press' => 'row'])
<figure class="card-work drawing" data-drawing="child">
    <svg viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing::HEIGHT }}" role="img" aria-labelledby="plane-title plane-desc">
        <title id="plane-title">{{ __('drawings.labels.plane') }}</title>
        <desc id="plane-desc">@tell(Listing::sentences($drawing->text))</desc>
        <defs>
            <clipPath id="plane-inside">
                <rect x="{{ $drawing::LEFT }}" y="{{ $drawing::TOP }}" width="{{ $drawing::INNER[0] }}"
                    height="{{ $drawing::INNER[1] }}" />
            </clipPath>
        </defs>
        <rect class="ground" x="{{ $drawing::LEFT }}" y="{{ $drawing::TOP }}" width="{{ $drawing::INNER[0] }}"
            height="{{ $drawing::INNER[1] }}" />
        @foreach ($drawing->weights as $mark)
            <path class="grid" d="M{{ $mark['x'] }} {{ $drawing::TOP }}V{{ $drawing::BOTTOM }}" /><text class="year"
                y="26" text-anchor="middle" transform="translate({{ $mark['x'] }} {{ $drawing::BOTTOM }})">@tell($mark['label'])</text>
        @endforeach
        @foreach ($drawing->heights as $mark)
            <path class="grid" d="M{{ $drawing::LEFT }} {{ $mark['y'] }}H{{ $drawing::RIGHT }}" /><text class="year"
                x="-8" y="5" text-anchor="end" transform="translate({{ $drawing::LEFT }} {{ $mark['y'] }})">@tell($mark['label'])</text>
        @endforeach
        @foreach ($drawing->fields as $field)
            <g @class([
                'mode-field',
                'mode-' . $field->mode->value,
                'in-use' => $field->inUse,
                'fits-' . strtolower($field->fits->name),
            ]) data-mode="{{ $field->mode->value }}" data-fits="{{ strtolower($field->fits->name) }}"
                data-press="{{ $press }}-setup-mode-{{ $field->mode->value }}">
                <rect x="{{ $field->x }}" y="{{ $field->y }}" width="{{ $field->width }}" height="{{ $field->height }}"
                    rx="6" />
            </g>
        @endforeach
        <g clip-path="url(#plane-inside)">
            @if ($drawing->spread !== [])
                <polygon class="spread" points="{{ $drawing::points($drawing->spread) }}" />
            @endif
            @if ($drawing->path !== [])
                <polyline class="growth" points="{{ $drawing::points($drawing->path) }}" />
            @endif
        </g>
        @foreach ($drawing->fields as $field)
            <text class="strong mode-name" x="-8" y="20" text-anchor="end" transform="translate({{ $field->right() }} {{ $field->y }})"
                data-leaves="{{ $field->leaves }}">@tell($field->label())</text>
        @endforeach
        @if ($drawing->child)
            <circle class="point" cx="{{ $drawing->child[0] }}" cy="{{ $drawing->child[1] }}" r="9"
                data-child-point="{{ $drawing->child[0] }},{{ $drawing->child[1] }}" />
        @endif
    </svg>
    <figcaption>
        @if ($drawing->path !== [])
            <p class="hint">{{ __('drawings.labels.estimate') }}</p>
        @endif
        @include('components.drawing-words', ['lines' => $drawing->text])
    </figcaption>
</figure>
