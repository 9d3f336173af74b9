<x-layout :title="__('bookings.own_link')" main="page">
    <x-slot:head><x-head :title="__('bookings.own_link')" :subtitle="$booking->event->name" /></x-slot:head>
    <div class="page-top">
        <h1>{{ $booking->family->first_name ?? __('visits.a_family') }}, {{ $booking->time() }}</h1>
        <p>{{ __('bookings.link_intro') }}</p>
        <a class="quiet" href="{{ route('bookings', $booking->checkup_event_id) }}">{{ __('bookings.title') }}</a>
    </div>
    <section class="card-work qr" aria-label="{{ __('bookings.own_link') }}">
        <div data-qr="{{ $address }}"></div>
        <input class="link-shown" value="{{ $address }}" readonly aria-label="{{ __('bookings.own_link') }}">
    </section>
</x-layout>
