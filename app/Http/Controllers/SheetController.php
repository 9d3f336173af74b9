<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\Judge;
use App\Models\User;
use App\Models\Visit;
use App\Visits\SheetPage;
use App\Words\Languages;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final readonly class SheetController
{
    public function __invoke(Request $request, Visit $visit, Judge $judge, Languages $languages): View
    {
        $visit->load(['event', 'family', 'checks.facts.author', 'checks.visit.event.recallList', 'leftSeenBy']);

        return view('pages.visits.sheet', ['page' => new SheetPage(
            $visit,
            $judge->leaving($visit),
            User::names(),
            $languages->ofSheet($visit->language, $request->boolean('both')),
            $languages->names(),
        )]);
    }
}
