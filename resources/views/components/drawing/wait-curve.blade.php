@use('MintBuckle\Core\Telling\Listing')
@props(['drawing'])
<figure class="drawing" data-drawing="capacity">
    <svg viewBox="0 0 {{ $drawing::WIDTH }} {{ $drawing::HEIGHT }}" role="img" aria-labelledby="wait-title wait-desc">
        <title id="wait-title">{{ __('drawings.capacity.title') }}</title>
        <desc id="wait-desc">@tell(Listing::sentences($drawing->text()))</desc>
        @foreach ($drawing->marks as $mark)
            <path class="axis" d="M{{ $drawing::LEFT }} {{ $mark['y'] }}H{{ $drawing::RIGHT }}" />
            <text class="small" x="56" y="{{ $mark['y'] }}" dy="5" text-anchor="end">{{ $mark['minutes'] }}</text>
        @endforeach
        <path class="bearable" d="M{{ $drawing::LEFT }} {{ $drawing->bearable }}H{{ $drawing::RIGHT }}" />
        <text class="small" x="{{ $drawing::RIGHT }}" y="{{ $drawing->bearable }}" dy="-6" text-anchor="end">{{
            __('drawings.capacity.bearable') }}</text>
        <path class="curve" d="{{ $drawing->path() }}" />
        @foreach ($drawing->points as $point)
            <circle class="dot" cx="{{ $point['x'] }}" cy="{{ $point['y'] }}" r="4" />
            <text class="small" x="{{ $point['x'] }}" y="226" text-anchor="middle">{{ $point['technicians'] }}</text>
        @endforeach
        @if ($drawing->planned !== null)
            <g data-planned>
                <path class="played" d="M{{ $drawing->planned['x'] }} {{ $drawing->planned['low'] }}V{{ $drawing->planned['high'] }}" />
                <circle class="planned" cx="{{ $drawing->planned['x'] }}" cy="{{ $drawing->planned['y'] }}" r="9" />
            </g>
        @endif
        <text class="small" x="{{ $drawing::RIGHT }}" y="250" text-anchor="end">{{ __('drawings.capacity.technicians') }}</text>
        <text class="small" x="4" y="14">{{ __('drawings.capacity.minutes') }}</text>
    </svg>
</figure>
