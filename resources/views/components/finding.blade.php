@props(['finding'])
<article {{ $attributes->class(['finding', 'finding-' . $finding->severity->value]) }} data-code="{{ $finding->code->value }}">
    <h3><x-buckle-mark :state="$finding->severity->verdict()->value" :size="26" /><span>{{ $finding->severity->title() }}</span></h3>
    <p class="message">{{ $finding->message }}</p>
    <p class="remedy">{{ $finding->remedy }}</p>
    <details class="source">
        <summary>where this comes from</summary>
        <p>
            @if ($finding->limit !== null)
                Limit: {{ $finding->limit instanceof MintBuckle\Core\Quantity\Quantity ? $finding->limit->show() : $finding->limit }}, from {{ $finding->from }}.
            @endif
            @foreach ($finding->sources as $source)
                <abbr title="{{ $source->kind->value }}">{{ $source->kind->mark() }}</abbr> {{ $source->text }}.
            @endforeach
        </p>
    </details>
</article>
