<x-layout :title="__('bookings.outbox')" main="page">
    <x-slot:head><x-head :title="__('bookings.outbox')" /></x-slot:head>
    <div class="page-top">
        <h1>{{ __('bookings.outbox') }}</h1>
        <p>{{ __('bookings.outbox_intro') }}</p>
        <a class="quiet" href="{{ route('event') }}">{{ __('events.title') }}</a>
    </div>
    @forelse ($mails as $mail)
        <article class="card-work outgoing" data-mail="{{ $mail->id }}">
            <h2>{{ $mail->subject }}</h2>
            <p class="hint">{{ $mail->to }}</p>
            <p>{!! nl2br(e($mail->text)) !!}</p>
        </article>
    @empty
        <section class="card-work empty"><p>{{ __('bookings.outbox_empty') }}</p></section>
    @endforelse
</x-layout>
