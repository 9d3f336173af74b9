@props(['page'])
<div id="model-drawing" class="model-drawing">
    @if ($page->modes === [])
        <p class="card-work empty">{{ __('catalogue.tick_first') }}</p>
    @else
        <x-drawing.mode-plane :drawing="$page->plane()" />
    @endif
    @if ($page->slots())
        <x-drawing.buckle-front :drawing="$page->slots()" name="front" press="none" />
    @endif
</div>
