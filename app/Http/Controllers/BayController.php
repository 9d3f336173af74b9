<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Visit;
use App\Visits\TakeToBay;
use Illuminate\Http\RedirectResponse;

final readonly class BayController
{
    public function store(Visit $visit, TakeToBay $take): RedirectResponse
    {
        $bay = $take($visit);

        return redirect()->route('event')->with('status', "Ticket {$visit->ticket} goes to bay {$bay}.");
    }
}
