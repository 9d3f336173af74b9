@props(['page', 'draw', 'situation'])
@switch($page->station)
    @case(MintBuckle\Core\Finding\Station::Label)
        <x-drawing.label-ruler :drawing="$draw->label()" />
        @break
    @case(MintBuckle\Core\Finding\Station::History)
        <x-drawing.seat-parts :drawing="$draw->parts()" />
        <x-parts-entry :page="$page" :drawing="$draw->parts()" />
        @break
    @case(MintBuckle\Core\Finding\Station::Child)
        <x-drawing.mode-plane :drawing="$draw->plane()" />
        @break
    @case(MintBuckle\Core\Finding\Station::Place)
        <x-drawing.car-above :drawing="$draw->car()" />
        @break
    @case(MintBuckle\Core\Finding\Station::Secure)
        @if ($situation->isHarness())<x-drawing.belt-route :drawing="$draw->route()" />@endif
        @break
    @case(MintBuckle\Core\Finding\Station::Measure)
        @if ($situation->isHarness())
            <x-movement-entry :page="$page" :gauge="$draw->gauge()" :unit="$page->units->length()->value" />
            <x-drawing.seat-side :drawing="$draw->side()" />
            @if ($situation->isRear())<x-angle-gauge :page="$page" />@endif
        @endif
        @break
    @case(MintBuckle\Core\Finding\Station::Buckle)
        <x-drawing.buckle-front :drawing="$draw->front()" :m="$draw->front()::MIDDLE" :s="$draw->front()->shoulder" :cushion="$draw->front()::CUSHION" />
        @break
    @case(MintBuckle\Core\Finding\Station::Handover)
        <x-found-left :page="$page" :found="$page->phase === MintBuckle\Core\Record\InspectionPhase::Found ? $draw : $page->otherDrawings()" :left="$page->phase === MintBuckle\Core\Record\InspectionPhase::Left ? $draw : $page->otherDrawings()" />
        @break
@endswitch
