<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\CheckPage;
use App\Checks\Judge;
use App\Http\Requests\PlainRequest;
use App\Models\Check;
use App\Units;
use Illuminate\Contracts\View\View;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Record\InspectionPhase;

final readonly class CheckController
{
    public function show(PlainRequest $request, Check $check, InspectionPhase $phase, Station $station, Units $units, Judge $judge): View
    {
        $check->load('visit.event.recallList');
        $flashed = static fn(string $key): ?string => is_string($text = $request->session()->get($key)) ? $text : null;
        $page = new CheckPage(
            $judge->of($check, $phase, $station === Station::Handover),
            $station,
            $units,
            $flashed('problem'),
            $flashed('problemKey'),
            $request->string('note')->toString() ?: null,
            array_map(PartialDate::parse(...), array_values(array_filter((array) $request->session()->get('readings'), is_string(...)))),
        );

        return view('pages.checks.show', ['page' => $page]);
    }
}
