@props(['finding'])
<article class="finding finding-{{ $finding->severity->value }} card-work" data-code="{{ $finding->code->value }}">
    <x-finding-words :finding="$finding" />
    <x-sources :finding="$finding" />
</article>
