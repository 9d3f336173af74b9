<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RecordFact;
use App\Answers\UnreadableAnswer;
use App\Http\Requests\FactRequest;
use App\Models\Check;
use App\Pages\CheckPage;
use App\Units;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rulebook;

final readonly class FactController
{
    public function store(FactRequest $request, Check $check, Station $station, RecordFact $record, Units $units, Rulebook $rulebook): Response|RedirectResponse
    {
        $check->load('visit.day.recallList');
        $problem = null;
        try {
            $record($check, $request->track(), $request->id(), $request->key(), $request->posted(), $request->author());
        } catch (UnreadableAnswer $e) {
            $problem = $e->getMessage();
        }
        if (! $request->hasHeader('HX-Request')) {
            return redirect()->route('checks.show', [$check->id, $request->track()->value, $station->value])
                ->with(['problem' => $problem, 'problemKey' => $request->key()])->withInput();
        }
        $request->flashOnly(['amount', 'answer', 'lines', 'name']);
        $page = new CheckPage($check, $request->track(), $station, $units, $rulebook, $problem, $request->key());

        return response(view('pages.checks.show', ['page' => $page])->fragment('check'), $problem === null ? 200 : 422);
    }
}
