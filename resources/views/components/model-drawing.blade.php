@props(['page'])
<div id="model-drawing" class="model-drawing">
    @if ($page->modes !== [])<x-drawing.mode-plane :drawing="$page->plane()" />@else<p class="card-work empty">Tick a way of riding and enter its limits: they are drawn here.</p>@endif
    @if ($page->slots())<x-drawing.buckle-front :drawing="$page->slots()" name="front" :m="$page->slots()::MIDDLE" :s="$page->slots()->shoulder" :cushion="$page->slots()::CUSHION" press="none" />@endif
</div>
