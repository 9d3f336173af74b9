@use('MintBuckle\Core\Record\InspectionPhase')
@use('MintBuckle\Core\Finding\Station')
@props(['page', 'draw', 'situation'])
@switch($page->station)
    @case(Station::Label)
        <x-drawing.label-ruler :drawing="$draw->label()" />
    @break

    @case(Station::History)
        <x-drawing.seat-parts :drawing="$draw->parts()" />
        <x-parts-entry :page="$page" :drawing="$draw->parts()" />
    @break

    @case(Station::Child)
        <x-drawing.mode-plane :drawing="$draw->plane()" />
    @break

    @case(Station::Place)
        <x-drawing.car-above :drawing="$draw->car()" />
    @break

    @case(Station::Secure)
        @if ($situation->isHarness())
            <x-drawing.belt-route :drawing="$draw->route()" />
        @endif
    @break

    @case(Station::Measure)
        @if ($situation->isHarness())
            <x-movement-entry :page="$page" :gauge="$draw->gauge()" :unit="$page->units->length()->value" />
            <x-drawing.seat-side :drawing="$draw->side()" />
            @if ($situation->isRear())
                <x-angle-gauge :page="$page" />
            @endif
        @endif
    @break

    @case(Station::Buckle)
        <x-drawing.buckle-front :drawing="$draw->front()" />
    @break

    @case(Station::Bus)
        <x-drawing.bench-view :drawing="$draw->bench()" />
    @break

    @case(Station::Handover)
        <x-found-left :page="$page" :found="$page->phase === InspectionPhase::Found ? $draw : $page->otherDrawings()"
            :left="$page->phase === InspectionPhase::Left ? $draw : $page->otherDrawings()" />
    @break

@endswitch
