@props(['drawing'])
<figure class="card-work drawing" data-drawing="bus" data-vest-guide>
    <svg viewBox="0 10 330 320" role="img" aria-labelledby="vest-title vest-desc">
        <title id="vest-title">{{ __('vest.drawing') }}</title>
        <desc id="vest-desc">@tell($drawing->text)</desc>
        @if ($drawing->coat)
            @foreach ([34, 194] as $x)
                <path class="coat" transform="translate({{ $x }} 70)" d="M4 34Q-10 60-10 150q0 34 18 38h84q18-4 18-38 0-90-14-116" />
            @endforeach
            <text x="164" y="318" text-anchor="middle">{{ __('vest.coat') }}</text>
        @endif
        <x-drawing.vest-parts :parts="$drawing->parts" :left="34" :apart="160" />
    </svg>
</figure>
