@use('MintBuckle\Core\Schools\PracticeFigure')
<x-layout :title="__('own_practice.title')" main="page">
    <x-slot:head><x-head :title="__('own_practice.title')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('own_practice.title') }}</h1>
        <p>{{ __('own_practice.intro') }}</p>
        <a class="press" href="{{ route('practices.create') }}">{{ __('own_practice.new') }}</a>
        <a class="quiet" href="{{ route('events.index') }}">{{ __('events.all') }}</a>
    </div>
    @forelse ($copies as $copy)
        <section class="card-work" data-copy="{{ $copy->name }}">
            <h2>{{ $copy->name }}</h2>
            <p>{{ __('own_practice.copied', ['base' => __("limits.practices.{$copy->base->value}"), 'name' => $copy->keeper->name]) }}</p>
            <dl class="rules">
                @foreach ($copy->figures as $figure => $typed)
                    <div>
                        <dt>{{ __("own_practice.figures.{$figure}") }}</dt>
                        <dd>@tell(PracticeFigure::from($figure)->told($copy->practice())) <span class="fine">{{ $copy->sources[$figure]
                            }}</span></dd>
                    </div>
                @endforeach
            </dl>
            <a class="quiet" href="{{ route('practices.edit', $copy) }}">{{ __('own_practice.change') }}</a>
        </section>
    @empty
        <p class="card-work empty">{{ __('own_practice.none') }}</p>
    @endforelse
</x-layout>
