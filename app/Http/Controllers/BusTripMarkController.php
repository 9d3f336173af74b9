<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bus\MarkTrip;
use App\Bus\TripPage;
use App\Checks\UnreadableAnswer;
use App\Http\Requests\TripRequest;
use App\Models\BusTrip;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final readonly class BusTripMarkController
{
    public function __invoke(TripRequest $request, BusTrip $trip, MarkTrip $mark): Response|RedirectResponse
    {
        $problem = null;
        try {
            $mark(
                $trip,
                $request->id(),
                $request->items(),
                $request->outcome(),
                $request->found(),
                $request->note(),
                $request->initials(),
                $request->author(),
            );
        } catch (UnreadableAnswer $e) {
            $problem = $e->getMessage();
        }

        if (! $request->hasHeader('HX-Request')) {
            return redirect()->route('bus.trips.show', $trip)->with('problem', $problem);
        }
        $list = view('pages.bus.trip', ['page' => TripPage::of($trip, $request, $problem)])->fragment('trip');

        return response($list, $problem === null ? 200 : 422);
    }
}
