<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bus\BeginTrip;
use App\Bus\SignTrip;
use App\Bus\TripHistory;
use App\Bus\TripPage;
use App\Checks\UnreadableAnswer;
use App\Http\Requests\BusPlanRequest;
use App\Http\Requests\TripRequest;
use App\Models\BusTrip;
use App\Models\CheckupEvent;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use MintBuckle\Core\Bus\Trip\TripList;

final readonly class BusTripController
{
    public function index(Request $request): View
    {
        return view('pages.bus.trips', ['page' => TripHistory::of($request->integer('bus'), CheckupEvent::current())]);
    }

    /** Of the proposal that is shown. */
    public function store(BusPlanRequest $request, BeginTrip $begin): RedirectResponse
    {
        $page = $request->page();
        $plan = $page?->rideable();
        if ($page?->draft->request === null || $plan === null) {
            return redirect()->route('bus.plan');
        }
        $items = BusTrip::kept(TripList::of($page->draft->request, $plan));
        $trip = $begin($request->submission(), $page->layout->id, $items, $request->author());

        return redirect()->route('bus.trips.show', $trip);
    }

    public function show(Request $request, BusTrip $trip): View
    {
        return view('pages.bus.trip', ['page' => TripPage::of($trip, $request)]);
    }

    /** The same list once more, before the next trip. */
    public function again(TripRequest $request, BusTrip $trip, BeginTrip $begin): RedirectResponse
    {
        return redirect()->route('bus.trips.show', $begin($request->id(), $trip->bus_layout_id, $trip->items, $request->author()));
    }

    public function initials(TripRequest $request, BusTrip $trip): RedirectResponse
    {
        $request->session()->put(TripPage::INITIALS, $request->initials());

        return redirect()->route('bus.trips.show', $trip);
    }

    public function sign(TripRequest $request, BusTrip $trip, SignTrip $sign): RedirectResponse
    {
        try {
            $sign($trip, $request->initials());
        } catch (UnreadableAnswer $e) {
            return redirect()->route('bus.trips.show', $trip)->with('problem', $e->getMessage());
        }

        return redirect()->route('bus.trips.show', $trip);
    }
}
