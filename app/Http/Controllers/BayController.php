<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Visit;
use App\Visits\TakeToBay;
use App\Words\Telling;
use Illuminate\Http\RedirectResponse;
use MintBuckle\Core\Telling\Message;

final readonly class BayController
{
    public function store(Visit $visit, TakeToBay $take): RedirectResponse
    {
        $bay = $take($visit);

        return redirect()->route('event')->with(
            'status',
            Telling::now()->tell(new Message('visits.taken_in', ['ticket' => $visit->ticket, 'bay' => $bay])),
        );
    }
}
