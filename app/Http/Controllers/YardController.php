<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Judge;
use App\Models\Day;
use App\Pages\YardPage;
use Illuminate\Contracts\View\View;

final readonly class YardController
{
    public function __invoke(Judge $judge): View
    {
        $day = Day::current()->load(['recallList', 'visits' => static fn($visits) => $visits->orderBy('ticket'), 'visits.family', 'visits.checks.facts', 'visits.checks.visit.day.recallList']);

        return view('pages.yard.index', ['page' => new YardPage($day, $judge)]);
    }
}
