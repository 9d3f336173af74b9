@props(['page'])
<div id="model-drawing" class="model-drawing">
    @if ($page->modes === [])
        <p class="card-work empty">Tick a way of riding and enter its limits: they are drawn here.</p>
    @else
        <x-drawing.mode-plane :drawing="$page->plane()" />
    @endif
    @if ($page->slots())
        <x-drawing.buckle-front :drawing="$page->slots()" name="front" press="none" />
    @endif
</div>
