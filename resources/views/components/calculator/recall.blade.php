@props(['answer', 'page'])
@if ($answer->doubt() !== null && $answer->doubt()->near !== [])
    <p>
        {{ __('calculators.recall.near') }} @foreach ($answer->doubt()->near as $near)
            <a class="choice" href="{{ $page->withName($near['maker'], $near['model']) }}"
                data-near="{{ $near['label'] }}">{{ $near['label'] }}</a>
        @endforeach
    </p>
@endif
<p>@tell($answer->listAge())</p>
@foreach ($answer->assessment->computed()->recall?->matches ?? [] as $match)
    <article class="card-work">
        <h3>{{ $match->campaign->id }}</h3>
        <p>{{ $match->campaign->defect }}</p>
        <p>{{ $match->campaign->remedy }}</p>
    </article>
@endforeach
<x-drawing.label-ruler :drawing="$answer->ruler()" />
