@use('MintBuckle\Core\Record\InspectionPhase')
@use('MintBuckle\Core\Finding\Station')
@props(['page', 'draw', 'situation'])
@switch($page->station)
    @case(Station::Label)
        @include('components.drawing.label-ruler', ['drawing' => $draw->label()])
    @break

    @case(Station::History)
        @include('components.drawing.seat-parts', ['drawing' => $draw->parts()])
        @include('components.parts-entry', ['page' => $page, 'drawing' => $draw->parts()])
    @break

    @case(Station::Child)
        @include('components.drawing.mode-plane', ['drawing' => $draw->plane()])
    @break

    @case(Station::Place)
        @include('components.drawing.car-above', ['drawing' => $draw->car()])
    @break

    @case(Station::Secure)
        @if ($situation->isHarness())
            @include('components.drawing.belt-route', ['drawing' => $draw->route()])
        @endif
    @break

    @case(Station::Measure)
        @if ($situation->isHarness())
            @include('components.movement-entry', ['page' => $page, 'gauge' => $draw->gauge(), 'unit' => $page->units->length()->value])
            @include('components.drawing.seat-side', ['drawing' => $draw->side()])
            @if ($situation->isRear())
                @include('components.angle-gauge', ['page' => $page])
            @endif
        @endif
    @break

    @case(Station::Buckle)
        @include('components.drawing.buckle-front', ['drawing' => $draw->front()])
    @break

    @case(Station::Bus)
        @include('components.drawing.bench-view', ['drawing' => $draw->bench()])
    @break

    @case(Station::Handover)
        @include('components.found-left', [
            'page' => $page,
            'found' => $page->phase === InspectionPhase::Found ? $draw : $page->otherDrawings(),
            'left' => $page->phase === InspectionPhase::Left ? $draw : $page->otherDrawings(),
        ])
    @break

@endswitch
