<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Judge;
use App\Models\Visit;
use App\Pages\SheetPage;
use App\Units;
use Illuminate\Contracts\View\View;

final readonly class SheetController
{
    public function __invoke(Visit $visit, Units $units, Judge $judge): View
    {
        $visit->load(['day', 'family', 'checks.facts.author', 'checks.visit.day.recallList', 'leftSeenBy']);

        return view('pages.visits.sheet', ['page' => new SheetPage($visit, $units, $judge)]);
    }
}
