<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\NoteBeside;
use App\Answers\UnreadableAnswer;
use App\Beside;
use App\Hands;
use App\Http\Requests\BesideRequest;
use App\Models\Check;
use App\Pages\CardPage;
use App\Track;
use App\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final readonly class CardController
{
    public function show(Check $check, Hands $hands, Units $units): View
    {
        $check->load('visit.day.recallList');

        return view('pages.checks.card', ['page' => new CardPage($check, $hands, $units, is_string($problem = session('problem')) ? $problem : null)]);
    }

    public function store(BesideRequest $request, Check $check, Hands $hands, NoteBeside $note, Units $units): Response|RedirectResponse
    {
        $problem = null;
        try {
            $note($check, Track::Left, $request->id(), Beside::Ticked, $request->subject(), $request->holds(), null, $request->author());
        } catch (UnreadableAnswer $e) {
            $problem = $e->getMessage();
        }

        return $request->hasHeader('HX-Request')
            ? response(view('pages.checks.card', ['page' => new CardPage($check->load('visit.day.recallList'), $hands, $units, $problem)])->fragment('card'), $problem === null ? 200 : 422)
            : redirect()->route('checks.card', [$check->id, $hands->value])->with('problem', $problem);
    }
}
