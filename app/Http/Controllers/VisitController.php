<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bookings\BookFamily;
use App\Http\Requests\ArrivalRequest;
use App\Models\CheckupEvent;
use App\Units;
use App\Visits\ArrivePage;
use App\Visits\CarChoices;
use App\Visits\Choices;
use App\Visits\ReceiveFamily;
use App\Visits\SeatChoices;
use App\Words\Languages;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use MintBuckle\Core\Telling\Message;

final readonly class VisitController
{
    public function create(Request $request, Units $units, Languages $languages): View
    {
        $old = array_values((array) $request->old('children')) ?: [[]];

        return view('pages.visits.create', ['page' => ArrivePage::of(
            array_map(static fn(mixed $child): Choices => SeatChoices::after(CheckupEvent::current(), (array) $child), $old),
            CarChoices::after(CheckupEvent::current(), (array) $request->old()),
            (array) $request->old(),
            $units,
            $languages->names(),
        )]);
    }

    public function store(ArrivalRequest $request, ReceiveFamily $receive): RedirectResponse
    {
        $visit = $receive(CheckupEvent::current(), $request->toInput(), $request->author());
        $request->booking() === null || BookFamily::arrived($request->booking(), $visit);

        return redirect()->route('event')->with('status', Telling::now()->tell(new Message('visits.queued', ['ticket' => $visit->ticket])));
    }
}
