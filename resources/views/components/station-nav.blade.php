@props(['page'])
<nav class="station-nav" aria-label="{{ __('checks.stations') }}">
    <ol>
        @foreach ($page->stations as $item)
            <li @class(['here' => $item->station === $page->station])>
                <a href="{{ $page->link(station: $item->station) }}" data-key="{{ $item->number }}"
                    data-verdict="{{ $item->verdict->value }}" @if ($item->station === $page->station) aria-current="step" @endif>
                    <span class="station-mark">@include('components.buckle-mark', ['state' =>
                        $item->verdict->value, 'size' => 36])</span>
                    <span class="station-text"><strong><span class="station-number"
                                aria-hidden="true">{{ $item->number }}</span> @tell($item->station->title())</strong>
                                    <small>@tell($item->summary)</small></span>
                    <kbd aria-hidden="true">{{ $item->number }}</kbd>
                </a>
            </li>
        @endforeach
    </ol>
</nav>
