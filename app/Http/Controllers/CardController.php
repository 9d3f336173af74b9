<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\NoteBeside;
use App\Answers\UnreadableAnswer;
use App\Beside;
use App\Hands;
use App\Http\Requests\BesideRequest;
use App\Judge;
use App\Models\Check;
use App\Pages\CardPage;
use App\Track;
use App\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final readonly class CardController
{
    public function show(Check $check, Hands $hands, Units $units, Judge $judge): View
    {
        $check->load('visit.day.recallList');

        return view('pages.checks.card', ['page' => new CardPage($check, $hands, $units, $judge->check($check, Track::Left), is_string($problem = session('problem')) ? $problem : null)]);
    }

    public function store(BesideRequest $request, Check $check, Hands $hands, NoteBeside $note, Units $units, Judge $judge): Response|RedirectResponse
    {
        $problem = null;
        try {
            $note($check, Track::Left, $request->id(), Beside::Ticked, $request->subject(), $request->holds(), null, $request->author());
        } catch (UnreadableAnswer $e) {
            $problem = $e->getMessage();
        }

        if (! $request->hasHeader('HX-Request')) {
            return redirect()->route('checks.card', [$check->id, $hands->value])->with('problem', $problem);
        }
        $check->load('visit.day.recallList');

        return response(view('pages.checks.card', ['page' => new CardPage($check, $hands, $units, $judge->check($check, Track::Left), $problem)])->fragment('card'), $problem === null ? 200 : 422);
    }
}
