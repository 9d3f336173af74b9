@props(['name'])
<svg class="help-picture" viewBox="0 0 160 120" aria-hidden="true" focusable="false">
    @switch($name)
        @case('tight')
            <path class="thing" d="M20 100h86l14-60M34 100V78h60" />
            <path class="webbing" d="M26 90h96l24-70" />
            <path class="force" d="M70 12v44m-12-14l12 16 12-16M128 60l20-36m-4 16l6-18-16 8" />
        @break

        @case('clip')
            <path class="webbing" d="M10 46h140M10 74h140" />
            <rect class="thing" x="58" y="34" width="16" height="52" rx="6" />
            <rect class="thing" x="86" y="34" width="16" height="52" rx="6" />
            <path class="force" d="M112 24h22m-22-6v12m22-12v12" />
        @break

        @case('pinch')
            <path class="webbing wide" d="M80 6v108" />
            <path class="thing" d="M16 66q30-22 56-8M144 66q-30-22-56-8" />
            <path class="force" d="M30 92h36m-10-8l12 8-12 8M130 92H94m10-8l-12 8 12 8" />
        @break

        @case('finger')
            <path class="thing" d="M20 104q60-20 120 0" />
            <path class="webbing wide" d="M14 62q66-26 132 0" />
            <path class="thing" d="M96 14l-16 56q-2 12 8 12t12-10l14-54z" />
        @break

        @case('lock')
            <path class="webbing wide" d="M10 86h140" />
            <rect class="thing" x="58" y="52" width="44" height="52" rx="8" />
            <path class="force" d="M66 52V36q0-16 14-16t14 16v16" />
        @break

        @case('move')
            <rect class="thing" x="44" y="40" width="72" height="56" rx="12" />
            <path class="webbing" d="M20 78h120" />
            <path class="force" d="M36 26H8m10-9L6 26l12 9M124 26h28m-10-9l12 9-12 9" />
        @break
    @endswitch
</svg>
