@use('App\Checks\FieldName')
@use('MintBuckle\Core\Facts\Definition\AnswerKind')
<x-layout :title="__('bookings.family.title')" main="page family-page">
    <x-slot:head><x-head :title="__('bookings.family.title')" /></x-slot:head>
    @if ($booking === null)
        <section class="card-work empty">
            <h1>{{ __('bookings.family.gone') }}</h1>
            <p>{{ __('bookings.family.gone_hint') }}</p>
        </section>
    @else
        <h1>{{ __('bookings.family.hello', ['name' => $booking->family->first_name ?? '']) }}</h1>
        <p>{{ __('bookings.family.when', [
            'event' => $booking->event->name,
            'place' => $booking->event->place,
            'day' => $booking->event->held_on,
            'time' => $booking->time(),
        ]) }}</p>
        @if (session('said'))
            <p class="notice" role="status">{{ __('bookings.family.thanks') }}</p>
        @endif
        @if ($errors->any())
            <p class="notice problem" role="alert">{{ $errors->first() }}</p>
        @endif
        <p class="hint">{{ __('bookings.family.intro') }}</p>
        <form method="post" action="{{ route('family.store', $token) }}" class="stack">
            @csrf
            <input type="hidden" name="units" value="{{ $units->value }}">
            <section class="card-work two">
                <h2>{{ __('bookings.family.car') }}</h2>
                <x-field :field="new FieldName('vehicle')" :label="__('visits.arrive.vehicle')"
                    :value="$booking->family->arrival['vehicle'] ?? ''" />
                <x-field :field="new FieldName('model_year')" :label="__('visits.arrive.model_year')" inputmode="numeric"
                    :value="$booking->family->arrival['model_year'] ?? ''" />
            </section>
            @foreach ($booking->children() as $child)
                <section class="card-work two">
                    <h2>{{ __('bookings.family.child', ['number' => $loop->iteration]) }}</h2>
                    @foreach (['born_on', 'weight', 'height', 'maker', 'model', 'made_on'] as $name)
                        <x-field :field="new FieldName('children[' . $child . '][' . $name . ']')" :label="__('bookings.family.' . $name)"
                            :unit="$units->ofField($name)" :value="$booking->family->arrival['children'][$child][$name] ?? ''" />
                    @endforeach
                </section>
            @endforeach
            <button class="press">{{ __('bookings.family.send') }}</button>
        </form>
        <p class="hint">{{ __('bookings.family.privacy') }}</p>
    @endif
</x-layout>
