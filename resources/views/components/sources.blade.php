@use('MintBuckle\Core\Practice\Layer')
@props(['finding', 'page' => null])
<p class="hint">
    @if ($finding->limit !== null)
        Limit:
        {{ $finding->limit instanceof MintBuckle\Core\Quantity\Quantity
            ? $finding->limit->show()
            : str_replace('_', ' ', $finding->limit) }},
        from {{ Layer::words($finding->from) }}{{ $page ? ', ' . $page : '' }}.
    @endif
    @foreach ($finding->sources as $source)
        <abbr title="{{ $source->kind->value }}">{{ $source->kind->mark() }}</abbr> {{ $source->text }}.
    @endforeach
</p>
