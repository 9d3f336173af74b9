@props(['answer', 'page'])
@if ($answer->doubt() !== null && $answer->doubt()->near !== [])
    <p>
        Near names: @foreach ($answer->doubt()->near as $near)
            <a class="choice" href="{{ $page->withName($near['maker'], $near['model']) }}"
                data-near="{{ $near['label'] }}">{{ $near['label'] }}</a>
        @endforeach
    </p>
@endif
<p>List of
    {{ $answer->situation->case->recallList?->dated?->show() ?? 'no known date' }}{{
        $answer->situation->case->recallList?->dated ? ', ' .
            $answer->situation->case->recallList->dated->daysUntil($answer->situation->case->today) . ' days old' : '' }}.
</p>
@foreach ($answer->assessment->computed()->recall?->matches ?? [] as $match)
    <article class="card-work">
        <h3>{{ $match->campaign->id }}</h3>
        <p>{{ $match->campaign->defect }}</p>
        <p>{{ $match->campaign->remedy }}</p>
    </article>
@endforeach
<x-drawing.label-ruler :drawing="$answer->ruler()" />
