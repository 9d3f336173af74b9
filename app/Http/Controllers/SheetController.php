<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Visit;
use App\Pages\SheetPage;
use App\Units;
use Illuminate\Contracts\View\View;
use MintBuckle\Core\Rulebook;

final readonly class SheetController
{
    public function __invoke(Visit $visit, Units $units, Rulebook $rulebook): View
    {
        $visit->load(['day', 'family', 'checks.facts.author', 'checks.visit.day.recallList']);

        return view('pages.visits.sheet', ['page' => new SheetPage($visit, $units, $rulebook)]);
    }
}
