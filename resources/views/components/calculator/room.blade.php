@props(['answer', 'page'])
@foreach ($answer->room()->gains as $gain)
    <article class="card-work" data-way="{{ $gain->way }}">
        <h3>@tell($gain->gain)</h3>
        <p>@tell($gain->how())</p>
    </article>
@endforeach
<p>{{ __('calculators.room.touch') }}</p>
