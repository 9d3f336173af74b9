<x-layout :title="$page->event->name" main="event">
    <x-slot:head><x-head :title="$page->event->name" :subtitle="$page->event->place" /></x-slot:head>
    @if (session('problem'))
        <p class="notice problem" role="alert">{{ session('problem') }}</p>
    @endif
    <x-event-search />
    @include('pages.event.board')
</x-layout>
