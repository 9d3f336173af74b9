@use('MintBuckle\Core\Practice\Layer')
@props(['finding', 'page' => null])
<p class="hint">
    @if ($finding->limit !== null)
        {{ __('checks.limit', [
            'limit' => $finding->toldLimit(),
            'from' => Layer::words($finding->from),
            'paged' => $page !== null,
            'page' => $page,
        ]) }}
    @endif
    @foreach ($finding->sources as $source)
        <abbr title="{{ __("sources.kinds.{$source->kind->value}") }}">{{ $source->kind->mark() }}</abbr> @tell($source->text()).
    @endforeach
</p>
