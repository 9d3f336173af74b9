@use('MintBuckle\Core\Drill\DrillLook')
@props(['page', 'look'])
{{-- Without the marks of right and wrong: what is wrong is for the learner to see. --}}
<div class="drill-drawings">
    @switch(true)
        @case(in_array($look, [DrillLook::Front, DrillLook::Pinch], true))
            <x-drawing.buckle-front :drawing="$page->drawings->front()" />
        @break

        @case(in_array($look, [DrillLook::Bench, DrillLook::Vest], true))
            <x-drawing.bench-view :drawing="$page->drawings->bench()" />
        @break

        @case($look === DrillLook::Label)
            <x-drawing.label-ruler :drawing="$page->drawings->label()->unjudged()" />
        @break

        @case($look === DrillLook::Family)
            <x-drawing.seat-parts :drawing="$page->drawings->parts()" rows />
        @break

        @case(in_array($look, [DrillLook::Scale, DrillLook::Manual], true))
            <x-drawing.mode-plane :drawing="$page->plane()" />
        @break

        @case($page->onBus())
        @break

        @case($look === DrillLook::Belt && $page->isHarness())
            <x-drawing.belt-route :drawing="$page->drawings->route()" />
        @break

        @case($look === DrillLook::Recline && $page->isHarness())
            <x-drawing.seat-side :drawing="$page->drawings->side()" />
        @break

        @case($look === DrillLook::Place)
            <x-drawing.car-above :drawing="$page->drawings->car()" />
        @break

    @endswitch
</div>
