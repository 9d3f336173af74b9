<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Day;
use App\Pages\YardPage;
use Illuminate\Contracts\View\View;
use MintBuckle\Core\Rulebook;

final readonly class YardController
{
    public function __invoke(Rulebook $rulebook): View
    {
        $day = Day::current()->load(['recallList', 'visits' => static fn($visits) => $visits->orderBy('ticket'), 'visits.family', 'visits.checks.facts', 'visits.checks.visit.day.recallList']);

        return view('pages.yard.index', ['page' => new YardPage($day, $rulebook)]);
    }
}
