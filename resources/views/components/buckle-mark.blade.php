@props(['state', 'size' => 40, 'height' => null])
{{-- closed: good; half open: fix; dotted: not finished; strap cut through: do not use. Always beside its words. --}}
<svg class="buckle-mark buckle-mark-{{ $state }}" width="{{ $size }}"
    @if ($height !== null) height="{{ $height }}" @endif viewBox="0 0 44 22"
    aria-hidden="true" focusable="false">
    @switch($state)
        @case('good_to_ride')
            <rect class="body" x="1" y="2" width="24" height="18" rx="5" />
            <rect class="hole" x="9" y="7.5" width="8" height="7" rx="2" />
            <rect class="body" x="23" y="6" width="12" height="10" rx="1" />
            <rect class="body" x="34" y="8" width="9" height="6" rx="1" />
        @break

        @case('fix_first')
            <rect class="body" x="1" y="2" width="22" height="18" rx="5" />
            <rect class="hole" x="8" y="7.5" width="8" height="7" rx="2" />
            <path class="line" d="M29 4.5h6v13h-6z" />
            <path class="line" d="M35 8h7v6h-7" />
        @break

        @case('do_not_use')
            <path class="body" d="M1 6h15l-3 5 3 5H1z" />
            <path class="body" d="M43 6H27l3 5-3 5h16z" />
            <path class="line" d="M19 1l5 20" />
        @break

        @default
            <rect class="dots" x="2" y="3" width="22" height="16" rx="5" />
            <rect class="dots" x="29" y="6" width="12" height="10" rx="2" />
    @endswitch
</svg>
