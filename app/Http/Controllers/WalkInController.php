<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Calculators\Calculator;
use App\Http\Requests\WalkInRequest;
use App\Visits\ReceiveFamily;
use App\Visits\TakeToBay;
use App\Words\Telling;
use Illuminate\Http\RedirectResponse;
use MintBuckle\Core\Rulebook;

final readonly class WalkInController
{
    public function store(
        WalkInRequest $request,
        Calculator $calculator,
        Rulebook $rulebook,
        ReceiveFamily $receive,
        TakeToBay $take,
    ): RedirectResponse {
        $visit = $receive($request->event(), $request->toInput($calculator, $rulebook), $request->author());
        $take->ifThereIsOne($visit, $request->author());

        return redirect()->route('checks.show', [$visit->checks()->firstOrFail()->id, 'found', $calculator->station()->value])
            ->with('status', Telling::now()->word('visits.walked_in'));
    }
}
