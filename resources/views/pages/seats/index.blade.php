<x-layout title="Seats" main="page">
    <x-slot:head><x-head title="Seats" subtitle="Seat models with their makers’ rules" /></x-slot:head>
    <div class="page-top">
        <h1>Seats</h1><a class="press" href="{{ route('seats.create') }}">Enter a model</a>
    </div>
    @if (session('problems'))
        <div class="notice problem" role="alert">
            <p>The file was refused whole; the catalogue is as it was.</p>
            <ul class="problems">
                @foreach (session('problems') as $problem)
                    <li>{{ $problem }}</li>
                @endforeach
            </ul>
        </div>
    @endif
    <form method="get" role="search" class="entry search"><label class="visually-hidden" for="q">Maker, model or trade
            name</label><input id="q" type="search" name="q" value="{{ $words }}"
            placeholder="maker, model or trade name"><button class="keep">Look</button></form>
    @if ($models->isEmpty())
        <p class="card-work empty">
            {{ $words === ''
                ? 'No model stands here yet. Enter one from its manual, or take a file.'
                : 'No model has these words. Try fewer, or enter it from its manual.' }}
        </p>
    @endif
    <ul class="calculators seats">
        @foreach ($models as $model)
            <li><a class="card-work" href="{{ route('seats.show', $model) }}"
                    data-model="{{ $model->model }}"><strong>{{ $model->title() }}</strong>
                    <span>{{ $model->kind }}{{ $model->version > 1 ? ", version {$model->version}" : '' }}</span></a></li>
        @endforeach
    </ul>
    <section class="card-work" aria-labelledby="files">
        <h2 id="files">Files</h2>
        <p>JSON carries every rule; CSV those that stand in one line, and keeps the modes that a model has here.</p>
        <form method="post" action="{{ route('seats.import') }}" enctype="multipart/form-data" class="entry">@csrf<label
                class="visually-hidden" for="f-models">Seats as JSON or CSV</label><input id="f-models" type="file" name="models"
                accept=".json,.csv">
            @error('shelf')
                <span class="problem">{{ $message }}</span>
            @enderror
            <button class="quiet">Take the file</button>
        </form>
        <p><a class="quiet" href="{{ route('seats.export', 'json') }}">Export JSON</a> <a class="quiet"
                href="{{ route('seats.export', 'csv') }}">Export CSV</a></p>
    </section>
</x-layout>
