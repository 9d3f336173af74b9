@use('App\Checks\FieldName')
@use('App\Events\EventForm')
@use('MintBuckle\Core\Schools\OwnFigures')
@use('MintBuckle\Core\Schools\PracticeFigure')
<x-layout :title="__('own_practice.title')" main="page">
    <x-slot:head><x-head :title="__('own_practice.title')" :subtitle="$copy->name" /></x-slot:head>
    <div class="page-top">
        <h1>{{ $copy->exists ? $copy->name : __('own_practice.new') }}</h1>
        <p>{{ __('own_practice.edit_intro') }}</p>
    </div>
    <form method="post" class="stack" novalidate
        action="{{ $copy->exists ? route('practices.update', $copy) : route('practices.store') }}">
        @csrf
        @if ($copy->exists)
            @method('PUT')
        @endif
        <section class="card-work two">
            <x-field :field="new FieldName('name')" :label="__('own_practice.name')" :value="$copy->name"
                :hint="__('own_practice.name_hint')" />
            <x-choice-field :field="new FieldName('base')" :label="__('own_practice.base')" :options="EventForm::practices()"
                :chosen="$copy->base->value" />
        </section>
        @foreach (OwnFigures::FIGURES as $figure)
            <section class="card-work two" data-figure="{{ $figure->value }}">
                <h2>{{ __("own_practice.figures.{$figure->value}") }}</h2>
                @if ($figure === PracticeFigure::NoTether)
                    <label class="tick"><input type="checkbox" name="figures[no_tether]" value="never"
                            @checked(old('figures.no_tether', $copy->figures['no_tether'] ?? '') === 'never')>
                        <span>{{ __('own_practice.never') }}</span></label>
                @else
                    <x-field :field="new FieldName('figures[' . $figure->value . ']')" :label="__('own_practice.value')"
                        :value="$copy->figures[$figure->value] ?? ''" :hint="__('own_practice.examples.' . $figure->value)" />
                @endif
                <x-field :field="new FieldName('sources[' . $figure->value . ']')" :label="__('own_practice.source')"
                    :value="$copy->sources[$figure->value] ?? ''" />
            </section>
        @endforeach
        <div class="actions"><button class="press">{{ __('accounts.keep') }}</button> <a class="quiet"
                href="{{ route('practices.index') }}">{{ __('common.leave_it') }}</a></div>
    </form>
</x-layout>
