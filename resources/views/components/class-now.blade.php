@props(['drawings'])
{{-- On the screen that the whole class looks at, without the marks of right and wrong. --}}
<section class="card-work drill-open" aria-labelledby="now-title" data-now>
    <h2 id="now-title">{{ __('practice.class.now') }}</h2>
    <div class="drill-drawings class-now">
        @if ($drawings->situation->bus !== null)
            <x-drawing.bench-view :drawing="$drawings->bench()" />
        @else
            <x-drawing.buckle-front :drawing="$drawings->front()" />
            @if ($drawings->situation->isHarness())
                <x-drawing.seat-side :drawing="$drawings->side()" />
                <x-drawing.belt-route :drawing="$drawings->route()" />
            @else
                <x-drawing.car-above :drawing="$drawings->car()" />
            @endif
        @endif
        <x-drawing.label-ruler :drawing="$drawings->label()->unjudged()" />
    </div>
</section>
