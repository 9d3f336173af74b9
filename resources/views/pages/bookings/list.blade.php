<x-layout :title="__('bookings.list')" main="sheet">
    <div class="sheet-tools no-print"><a class="quiet" href="{{ route('bookings', $page->event) }}">{{ __('bookings.title') }}</a>
        <button class="press" type="button" data-print>{{ __('common.print') }}</button></div>
    <article class="paper">
        <header>
            <h1>{{ $page->event->name }}</h1>
            <p>{{ __('bookings.intro', ['name' => $page->event->place, 'day' => $page->event->held_on, 'count' => $page->count()]) }}</p>
        </header>
        <table class="booking-list">
            @foreach ($page->times as $time => $slot)
                @foreach ($slot['bookings'] as $booking)
                    <tr>
                        <th scope="row">{{ $time }}</th>
                        <td>{{ $booking->family->first_name ?? __('visits.a_family') }}</td>
                        <td>{{ __('bookings.seats_of', ['seats' => $booking->seats]) }}</td>
                        <td>{{ $page->languages[$booking->language] ?? '' }}</td>
                        <td>☐</td>
                    </tr>
                @endforeach
            @endforeach
        </table>
        @if ($page->count() === 0)
            <p class="empty">{{ __('bookings.nobody') }}</p>
        @endif
    </article>
</x-layout>
