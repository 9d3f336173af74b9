@use('MintBuckle\Core\Drill\DrillLook')
@props(['page'])
{{-- Without the marks of right and wrong: what is wrong is for the learner to see. --}}
<div class="drill-drawings">
    @if ($page->isDrawn(DrillLook::Front, DrillLook::Pinch))
        <x-drawing.buckle-front :drawing="$page->drawings->front()" />
    @endif
    @if ($page->isDrawn(DrillLook::Bench, DrillLook::Vest) && $page->onBus())
        <x-drawing.bench-view :drawing="$page->drawings->bench()" />
    @endif
    @if ($page->isDrawn(DrillLook::Belt) && $page->isHarness() && ! $page->onBus())
        <x-drawing.belt-route :drawing="$page->drawings->route()" />
    @endif
    @if ($page->isDrawn(DrillLook::Recline) && $page->isHarness() && ! $page->onBus())
        <x-drawing.seat-side :drawing="$page->drawings->side()" />
    @endif
    @if ($page->isDrawn(DrillLook::Place) && ! $page->onBus())
        <x-drawing.car-above :drawing="$page->drawings->car()" />
    @endif
</div>
