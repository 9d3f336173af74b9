<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\Judge;
use App\Models\User;
use App\Models\Visit;
use App\Visits\SheetPage;
use Illuminate\Contracts\View\View;

final readonly class SheetController
{
    public function __invoke(Visit $visit, Judge $judge): View
    {
        $visit->load(['event', 'family', 'checks.facts.author', 'checks.visit.event.recallList', 'leftSeenBy']);

        return view('pages.visits.sheet', ['page' => new SheetPage($visit, $judge->leaving($visit), User::names())]);
    }
}
