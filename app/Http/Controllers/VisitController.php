<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ReceiveFamily;
use App\Http\Requests\ArrivalRequest;
use App\Models\Day;
use App\Pages\ArrivePage;
use App\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final readonly class VisitController
{
    public function create(Request $request, Units $units): View
    {
        return view('pages.visits.create', ['page' => ArrivePage::of((array) $request->old(), $units)]);
    }

    public function store(ArrivalRequest $request, ReceiveFamily $receive): RedirectResponse
    {
        $visit = $receive(Day::current(), $request->toInput(), $request->author());

        return redirect()->route('yard')->with('status', "Ticket {$visit->ticket} is in the queue.");
    }
}
