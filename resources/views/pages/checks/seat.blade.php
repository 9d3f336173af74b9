<x-layout :title="__('checks.which_seat')" main="page">
    <x-slot:head><x-head :title="$check->title()" :subtitle="__('checks.which_seat')"
        /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('checks.find_model') }}</h1><a class="quiet" href="{{ route('checks.show', [$check->id, 'found', 'label']) }}">{{
            __('checks.back') }}</a>
    </div>
    @if (session('problem'))
        <p class="notice problem" role="alert">{{ session('problem') }} {{ __('common.unchanged') }}</p>
    @endif
    <p>{{ __('checks.seat_compare') }}</p>
    <form method="get" role="search" class="entry search"><label class="visually-hidden" for="q">{{ __('catalogue.search_short')
        }}</label><input
            id="q" type="search" name="q" value="{{ $words }}" placeholder="{{ __('catalogue.search_short_example') }}"><button
            class="keep">{{ __('common.look') }}</button></form>
    <ul class="calculators">
        @forelse ($models as $model)
            <li>
                <form method="post" action="{{ route('checks.seat.store', $check->id) }}" class="card-work"
                    data-model="{{ $model->model }}">@csrf<input type="hidden" name="model"
                        value="{{ $model->id }}"><strong>{{ $model->title() }}</strong> <span>{{ __('catalogue.kind_version', ['kind' =>
                            __('catalogue.kinds.' . $model->kind), 'n' => $model->version]) }}</span><button @class([
                            'press' => $seat?->maker === $model->maker,
                            'quiet' => $seat?->maker !== $model->maker,
                        ])>{{ __('checks.this_one') }}</button></form>
            </li>
        @empty
            <li class="card-work">{{ __('catalogue.none_has') }}  <a href="{{ route('seats.create') }}">{{ __('checks.enter_from_manual')
                }}</a>.</li>
        @endforelse
    </ul>
</x-layout>
