<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\Judge;
use App\Checks\UnreadableAnswer;
use App\Http\Requests\DepartureRequest;
use App\Models\User;
use App\Models\Visit;
use App\Units;
use App\Visits\CompleteVisit;
use App\Visits\DeparturePage;
use App\Words\Telling;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final readonly class DepartureController
{
    public function show(Visit $visit, #[CurrentUser] User $user, Judge $judge, Units $units): View|RedirectResponse
    {
        $visit->load(['event', 'family', 'checks.facts', 'checks.visit.event.recallList']);

        return $visit->left_at !== null
            ? redirect()->route('visits.sheet', $visit)
            : view(
                'pages.visits.departure',
                ['page' => new DeparturePage($visit, $judge->leaving($visit), User::secondsFor($visit->event, $user)), 'units' => $units],
            );
    }

    public function store(DepartureRequest $request, Visit $visit, CompleteVisit $sendOff): RedirectResponse
    {
        try {
            $sendOff($visit, $request->author(), $request->seen(), $request->reason(), $request->second(), $request->withdrawn());
        } catch (UnreadableAnswer $e) {
            return redirect()
                ->route('visits.departure', $visit)
                ->with('problem', $e->getMessage())
                ->withInput($request->except('password'));
        }

        return redirect()->route('visits.sheet', $visit)->with(
            'status',
            Telling::now()->word('visits.leave.done'),
        );
    }
}
