<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\UnreadableAnswer;
use App\Http\Requests\SeatFamilyRequest;
use App\Models\VehicleLayout;
use App\Models\Visit;
use App\Units;
use App\Vehicles\FamilyVehicle;
use App\Vehicles\SeatFamily;
use App\Vehicles\VehiclePage;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

final readonly class VehicleController
{
    public function show(Request $request, Visit $visit, Units $units): View
    {
        $visit->load(['event.recallList', 'family', 'checks.seatModel', 'checks.visit.event.recallList']);
        $keep = array_values(array_filter((array) $request->query('keep', []), is_string(...)));

        return view('pages.visits.car', ['page' => new VehiclePage(
            $visit,
            FamilyVehicle::request($visit, $keep),
            VehicleLayout::query()->orderBy('name')->get(),
            $keep,
            $request->integer('plan'),
            $units,
        )]);
    }

    public function store(SeatFamilyRequest $request, Visit $visit, SeatFamily $seat): RedirectResponse
    {
        try {
            $moved = $seat($request->id(), $visit->load('checks.visit.event.recallList'), $request->places(), $request->author());
        } catch (UnreadableAnswer $e) {
            return redirect()->route('visits.car', $visit)->with('problem', $e->getMessage());
        }

        return redirect()->route('visits.car', $visit)->with(
            'status',
            Telling::now()->tell(new Message(
                $moved === [] ? 'visits.car.stays' : 'visits.car.moved',
                ['who' => Listing::all($moved), 'n' => count($moved)],
            )),
        );
    }
}
