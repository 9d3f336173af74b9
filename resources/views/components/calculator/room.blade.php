@props(['answer', 'page'])
@foreach ($answer->room()->gains as $gain)
    <article class="card-work" data-way="{{ $gain->way }}">
        <h3>{{ $page->units->show($gain->gain) }}</h3>
        <p>{{ $gain->sentence }}</p>
    </article>
@endforeach
<p>A light touch or a small gap is fine unless a manual says otherwise; pressed hard is not.</p>
