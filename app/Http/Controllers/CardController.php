<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\Annotate;
use App\Checks\CardPage;
use App\Checks\Judge;
use App\Checks\StepPerformer;
use App\Checks\UnreadableAnswer;
use App\Http\Requests\BesideRequest;
use App\Http\Requests\PlainRequest;
use App\Models\Check;
use App\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use MintBuckle\Core\Record\AnnotationKind;
use MintBuckle\Core\Record\InspectionPhase;

final readonly class CardController
{
    private const MOST_ADULTS = 4;

    public function show(PlainRequest $request, Check $check, StepPerformer $performer, Units $units, Judge $judge): View
    {
        $check->load('visit.event.recallList');

        return view(
            'pages.checks.card',
            [
                'page' => new CardPage(
                    $judge->of($check, InspectionPhase::Left),
                    $performer,
                    $units,
                    is_string($problem = session('problem')) ? $problem : null,
                    max(1, min(self::MOST_ADULTS, $request->integer('adult'))),
                ),
            ],
        );
    }

    public function store(
        BesideRequest $request,
        Check $check,
        StepPerformer $performer,
        Annotate $note,
        Units $units,
        Judge $judge,
    ): Response|RedirectResponse {
        $problem = null;
        try {
            $note(
                $check,
                InspectionPhase::Left,
                $request->id(),
                AnnotationKind::Ticked,
                $request->subject(),
                $request->holds(),
                null,
                $request->author(),
                $request->how()?->value,
            );
        } catch (UnreadableAnswer $e) {
            $problem = $e->getMessage();
        }

        if (! $request->hasHeader('HX-Request')) {
            return redirect()->route('checks.card', [$check->id, $performer->value, 'adult' => $request->adult()])
                ->with('problem', $problem);
        }
        $check->load('visit.event.recallList');

        return response(
            view(
                'pages.checks.card',
                ['page' => new CardPage(
                    $judge->of($check, InspectionPhase::Left),
                    $performer,
                    $units,
                    $problem,
                    $request->adult(),
                )],
            )->fragment('card'),
            $problem === null ? 200 : 422,
        );
    }
}
