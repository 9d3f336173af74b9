@props(['booking'])
<div class="booking" data-booking="{{ $booking->id }}">
    <span><strong>{{ $booking->family->first_name ?? __('visits.a_family') }}</strong>
        {{ __('bookings.line', ['seats' => $booking->seats, 'contact' => $booking->family->contact ?? 'none']) }}
        @if ($booking->visit_id !== null)
            <small>{{ __('bookings.came') }}</small>
        @elseif (($booking->family->arrival ?? null) !== null)
            <small>{{ __('bookings.said') }}</small>
        @elseif ($booking->reminded_at !== null)
            <small>{{ __('bookings.told') }}</small>
        @endif
    </span>
    @if ($booking->isExpected())
        <span class="choices">
            <form method="post" action="{{ route('bookings.arrive', $booking) }}">@csrf<button class="quiet">{{
                __('bookings.arrive') }}</button></form>
            <form method="post" action="{{ route('bookings.link', $booking) }}">@csrf<button class="quiet">{{
                __('bookings.own_link') }}</button></form>
            <form method="post" action="{{ route('bookings.cancel', $booking) }}">@csrf<button class="quiet">{{
                __('bookings.cancel') }}</button></form>
        </span>
    @endif
</div>
