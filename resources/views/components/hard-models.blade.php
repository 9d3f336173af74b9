@props(['models'])
@if ($models !== [])
    <section class="card-work" aria-labelledby="hard-models">
        <h2 id="hard-models">{{ __('report.hard.title') }}</h2>
        <p class="hint">{{ __('report.hard.hint') }}</p>
        <ul class="plain-list">
            @foreach ($models as $model)
                <li data-model="{{ $model->id }}"><a href="{{ route('seats.show', $model->id) }}">{{ $model->title }}</a>
                    <span>{{ __('report.hard.loose', ['n' => $model->loose, 'of' => $model->seats]) }}</span></li>
            @endforeach
        </ul>
    </section>
@endif
