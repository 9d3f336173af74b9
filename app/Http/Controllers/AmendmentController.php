<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\Amend;
use App\Checks\AmendPage;
use App\Checks\Judge;
use App\Checks\UnreadableAnswer;
use App\Http\Requests\FactRequest;
use App\Http\Requests\PlainRequest;
use App\Models\Check;
use App\Units;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use MintBuckle\Core\Record\InspectionPhase;

/** What is learnt of a seat after its family has left. */
final readonly class AmendmentController
{
    public function show(PlainRequest $request, Check $check, Units $units, Judge $judge): View
    {
        abort_if($check->signed_at === null, 404);
        $check->load('visit.event.recallList');
        $problem = $request->session()->get('problem');

        return view('pages.checks.amend', ['page' => new AmendPage(
            $judge->of($check, InspectionPhase::Left),
            $request->string('fact')->toString(),
            $units,
            is_string($problem) ? $problem : null,
        )]);
    }

    public function store(FactRequest $request, Check $check, Amend $amend): RedirectResponse
    {
        try {
            $amend($check, $request->id(), $request->key(), $request->posted(), $request->note(), $request->author());
        } catch (UnreadableAnswer $e) {
            return redirect()->route('checks.amend', [$check, 'fact' => $request->key()])->with('problem', $e->getMessage())->withInput();
        }

        return redirect()->route('visits.sheet', $check->visit_id)->with('status', Telling::now()->word('amend.kept'));
    }
}
