<x-layout title="Which seat is it?" main="page">
    <x-slot:head><x-head :title="'Ticket ' . $check->visit->ticket . ' · Child ' . $check->letter" subtitle="Which seat is it?"
        /></x-slot:head>
    <div class="page-top">
        <h1>Find the model in the catalogue</h1><a class="quiet" href="{{ route('checks.show', [$check->id, 'found', 'label']) }}">Back to
            the check</a>
    </div>
    @if (session('problem'))
        <p class="notice problem" role="alert">{{ session('problem') }} Nothing was changed.</p>
    @endif
    <p>Compare maker and model number with the label. Serial, dates and what was seen on this very seat are kept; limits and rules come from
        the catalogue.</p>
    <form method="get" role="search" class="entry search"><label class="visually-hidden" for="q">Maker or model</label><input
            id="q" type="search" name="q" value="{{ $words }}" placeholder="maker or model"><button
            class="keep">Look</button></form>
    <ul class="calculators">
        @forelse ($models as $model)
            <li>
                <form method="post" action="{{ route('checks.seat.store', $check->id) }}" class="card-work"
                    data-model="{{ $model->model }}">@csrf<input type="hidden" name="model"
                        value="{{ $model->id }}"><strong>{{ $model->title() }}</strong> <span>{{ $model->kind }}, version
                        {{ $model->version }}</span><button @class([
                            'press' => $seat?->maker === $model->maker,
                            'quiet' => $seat?->maker !== $model->maker,
                        ])>This one</button></form>
            </li>
        @empty
            <li class="card-work">No model in the catalogue has these words. <a href="{{ route('seats.create') }}">Enter it from its
                    manual</a>.</li>
        @endforelse
    </ul>
</x-layout>
