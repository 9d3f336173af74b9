@use('MintBuckle\Core\Telling\Listing')
@props(['drawing'])
<figure class="card-work drawing drawing-lot" data-drawing="lot">
    <svg viewBox="0 0 {{ $drawing->width }} {{ $drawing->height }}" width="{{ $drawing->width }}" role="group"
        aria-labelledby="lot-title lot-desc">
        <title id="lot-title">{{ __('drawings.lot.title') }}</title>
        <desc id="lot-desc">@tell(Listing::sentences($drawing->text))</desc>
        @foreach ($drawing->bays as $bay)
            <g transform="translate({{ $bay['x'] }} {{ $bay['y'] }})" data-bay="{{ $bay['bay'] }}">
                <path class="bay-line" d="M2 4v256M120 4v256" />
                <text class="bay-number" x="12" y="24">{{ $bay['bay'] }}</text>
                @if ($bay['car'] === null)
                    <text class="free" x="60" y="130" text-anchor="middle">{{ __('events.free') }}</text>
                @else
                    <path class="car" d="M13 70q0-36 46-36t46 36v96q0 36-46 36t-46-36z" />
                    <path class="glass" d="M27 80q32-20 64 0l-6 16q-26-12-52 0z" />
                    @foreach ($drawing::marks($bay['car']) as $mark)
                        <a href="{{ $mark['address'] }}" class="lot-seat lot-{{ $mark['verdict']->value }}"
                            transform="translate({{ $mark['x'] }} {{ $mark['y'] }})"
                            aria-label="{{ __('drawings.lot.seat', ['car' => $bay['car']->title, 'letter' => $mark['letter'],
                                'verdict' => $mark['verdict']->title()]) }}">
                            <rect x="-15" y="-15" width="30" height="30" rx="7" />
                            <g transform="translate(-10 -5)"><x-buckle-mark :state="$mark['verdict']->value" :size="20" :height="10" /></g>
                        </a>
                    @endforeach
                    <rect class="bar" x="13" y="212" width="{{ $drawing::BAR_WIDTH }}" height="9" rx="4" />
                    <rect @class(['bar-done', 'bar-long' => $bay['car']->isLong()]) x="13" y="212" width="{{ $drawing::bar($bay['car']) }}"
                        height="9" rx="4" />
                    <text class="who" x="59" y="240" text-anchor="middle">{{ Illuminate\Support\Str::limit($bay['car']->title, 14) }}</text>
                    <text class="with" x="59" y="258" text-anchor="middle">{{ $bay['car']->technician }}</text>
                @endif
            </g>
        @endforeach
    </svg>
</figure>
