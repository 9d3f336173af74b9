<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Findings\SeenBefore;
use App\Http\Requests\PlainRequest;
use App\Models\CheckupEvent;
use App\Units;
use App\Visits\ArrivalRemarks;
use App\Visits\ChildReader;
use Illuminate\Contracts\View\View;
use MintBuckle\Core\Rulebook;

/** What can be told at once of a child that arrives. */
final readonly class ArrivalRemarksController
{
    public function __invoke(PlainRequest $request, Rulebook $rulebook): View
    {
        $children = array_values((array) $request->input('children'));
        $event = CheckupEvent::current();
        $units = $request->enum('units', Units::class) ?? Units::Metric;

        $remarks = ArrivalRemarks::of((array) ($children[0] ?? []), new ChildReader($units, $event), $event, $rulebook);

        return view('components.arrival-remarks', ['remarks' => $remarks, 'seen' => SeenBefore::of($remarks->seat)]);
    }
}
