<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\UnreadableAnswer;
use App\Http\Requests\BayRequest;
use App\Models\Visit;
use App\Visits\TakeToBay;
use App\Words\Telling;
use Illuminate\Http\RedirectResponse;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Telling\Message;

/** A family is called to a bay, and its check handed to somebody else. */
final readonly class BayController
{
    public function store(BayRequest $request, Visit $visit, TakeToBay $take): RedirectResponse
    {
        try {
            $bay = $take($visit, $request->author(), $request->technician());
        } catch (UnreadableAnswer $e) {
            return redirect()->route('event')->with('problem', $e->getMessage());
        }
        // Whoever calls for somebody else stays where the next one is called.
        $first = $request->boolean('here') ? null : $visit->checks()->orderBy('letter')->first();

        return ($first === null
            ? redirect()->route('event')
            : redirect()->route('checks.show', [$first->id, InspectionPhase::Found->value, Station::Label->value]))->with(
                'status',
                Telling::now()->tell(new Message('visits.taken_in', ['ticket' => $visit->ticket, 'bay' => $bay])),
            );
    }

    public function update(BayRequest $request, Visit $visit, TakeToBay $take): RedirectResponse
    {
        try {
            $take->handOver($request->id(), $visit, $request->author(), $request->technician());
        } catch (UnreadableAnswer $e) {
            return redirect()->route('event')->with('problem', $e->getMessage());
        }

        return redirect()->route('event')->with('status', Telling::now()->tell(new Message('visits.handed', [
            'ticket' => $visit->ticket,
            'name' => $request->technician()->name,
        ])));
    }
}
