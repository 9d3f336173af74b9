@props(['computed'])
<details class="card-work panel">
    <summary>{{ __('checks.lock_ways') }}</summary>
    @foreach ($computed->beltLock as $way)
        <h3 data-way="{{ $way->way }}" data-works="{{ $way->works->name }}">{{ __('checks.way_works', ['way' => $way->title(), 'works' =>
            strtolower($way->works->name)]) }}</h3>
        <p>@says($way->because())</p>
        <x-way-steps :steps="$computed->stepsOf($way)" />
    @endforeach
</details>
