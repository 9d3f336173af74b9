<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\UnreadableAnswer;
use App\Models\Visit;
use App\Visits\TakeToBay;
use App\Words\Telling;
use Illuminate\Http\RedirectResponse;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Telling\Message;

final readonly class BayController
{
    public function store(Visit $visit, TakeToBay $take): RedirectResponse
    {
        try {
            $bay = $take($visit);
        } catch (UnreadableAnswer $e) {
            return redirect()->route('event')->with('status', $e->getMessage());
        }
        $first = $visit->checks()->orderBy('letter')->first();

        return ($first === null
            ? redirect()->route('event')
            : redirect()->route('checks.show', [$first->id, InspectionPhase::Found->value, Station::Label->value]))->with(
                'status',
                Telling::now()->tell(new Message('visits.taken_in', ['ticket' => $visit->ticket, 'bay' => $bay])),
            );
    }
}
