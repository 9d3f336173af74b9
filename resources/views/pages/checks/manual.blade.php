@use('Symfony\Component\Uid\UuidV7')
<x-layout :title="__('checks.manual.title')" main="page narrow-page">
    <x-slot:head><x-head :title="$page->check->title()" :subtitle="__('checks.manual.title')"
        /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('checks.manual.title') }}</h1><a class="quiet" href="{{ route('checks.show', [$page->check->id, 'found', 'label']) }}">{{
            __('checks.back') }}</a>
    </div>
    @if (session('problem') || $page->problems !== [])
        <p class="notice problem" role="alert">{{ session('problem') ?? __('common.look_below', ['n' => count($page->problems)]) }} {{
            __('common.unchanged') }}</p>
    @endif
    @if ($page->fields === [])
        <p class="card-work">{{ __('checks.manual.nothing') }}</p>
    @else
        <p>{{ __('checks.manual.how') }}</p>
        <form method="post" action="{{ route('checks.manual', $page->check->id) }}" class="card-work stack" novalidate>
            @csrf
            @foreach ($page->fields as $field)
                <input type="hidden" name="ids[{{ $field->path }}]" value="{{ UuidV7::generate() }}">
                <x-calculator.field :field="$field" :units="$page->units" />
            @endforeach
            <button class="press">{{ __('common.keep') }}</button>
        </form>
    @endif
    @if ($page->check->seat_model_id === null)
        <p class="label-tools"><a class="quiet" href="{{ route('seats.create', ['check' => $page->check->id]) }}">{{
            __('checks.manual.offer') }}</a></p>
    @endif
</x-layout>
