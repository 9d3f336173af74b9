<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bookings\BookFamily;
use App\Bookings\BookingsPage;
use App\Bookings\EventSlots;
use App\Bookings\FamilyLink;
use App\Bookings\RemindFamilies;
use App\Checks\UnreadableAnswer;
use App\Http\Requests\BookingRequest;
use App\Models\Booking;
use App\Models\CheckupEvent;
use App\Words\Languages;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use MintBuckle\Core\Telling\Message;

/** Families that have a time at an event. */
final readonly class BookingController
{
    public function index(CheckupEvent $event, Languages $languages): View
    {
        return view('pages.bookings.index', ['page' => self::page($event, $languages)]);
    }

    /** On paper. */
    public function list(CheckupEvent $event, Languages $languages): View
    {
        return view('pages.bookings.list', ['page' => self::page($event, $languages)]);
    }

    public function store(BookingRequest $request, CheckupEvent $event, BookFamily $book): RedirectResponse
    {
        try {
            $book($request->id(), $event, $request->wish(), $request->author());
        } catch (UnreadableAnswer $e) {
            return redirect()->route('bookings', $event)->withErrors(['time' => $e->getMessage()])->withInput();
        }

        return redirect()->route('bookings', $event)->with('status', Telling::now()->word('bookings.kept'));
    }

    public function cancel(Booking $booking, BookFamily $book): RedirectResponse
    {
        $book->cancel($booking);

        return redirect()->route('bookings', $booking->checkup_event_id)->with('status', Telling::now()->word('bookings.cancelled'));
    }

    public function remind(CheckupEvent $event, RemindFamilies $remind): RedirectResponse
    {
        return redirect()->route('bookings', $event)->with(
            'status',
            Telling::now()->tell(new Message('bookings.reminded', ['count' => $remind($event)])),
        );
    }

    /** The family's own link, on this screen to be read by their phone. */
    public function link(Booking $booking, FamilyLink $link): View
    {
        return view('pages.bookings.link', ['booking' => $booking->load(['event', 'family']), 'address' => $link($booking)]);
    }

    /** It has come: the arrival form begins with what is known. */
    public function arrive(Booking $booking): RedirectResponse
    {
        if (! $booking->isExpected()) {
            return redirect()->route('bookings', $booking->checkup_event_id);
        }

        return redirect()->route('visits.create')->withInput([
            'booking' => $booking->id,
            'first_name' => $booking->family?->first_name,
            'contact' => $booking->family?->contact,
            'language' => $booking->language,
        ] + ($booking->family->arrival ?? ['children' => array_fill(0, $booking->seats, [])]));
    }

    private static function page(CheckupEvent $event, Languages $languages): BookingsPage
    {
        return new BookingsPage($event, EventSlots::of($event->load('crew')), $languages->names());
    }
}
