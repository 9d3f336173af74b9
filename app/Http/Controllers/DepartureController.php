<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SendOff;
use App\Answers\UnreadableAnswer;
use App\Http\Requests\DepartureRequest;
use App\Judge;
use App\Models\User;
use App\Models\Visit;
use App\Pages\DeparturePage;
use App\Units;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final readonly class DepartureController
{
    public function show(Visit $visit, #[CurrentUser] User $user, Judge $judge, Units $units): View|RedirectResponse
    {
        $visit->load(['day', 'family', 'checks.facts', 'checks.visit.day.recallList']);

        return $visit->left_at !== null
            ? redirect()->route('visits.sheet', $visit)
            : view('pages.visits.departure', ['page' => new DeparturePage($visit, $user, $judge), 'units' => $units]);
    }

    public function store(DepartureRequest $request, Visit $visit, SendOff $sendOff): RedirectResponse
    {
        try {
            $sendOff($visit, $request->author(), $request->seen(), $request->reason(), $request->second());
        } catch (UnreadableAnswer $e) {
            return redirect()->route('visits.departure', $visit)->with('problem', $e->getMessage())->withInput($request->except('password'));
        }

        return redirect()->route('visits.sheet', $visit)->with('status', 'The family has left; its checks are signed and stay as they are.');
    }
}
