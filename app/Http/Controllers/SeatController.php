<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\TakeModel;
use App\Checks\UnreadableAnswer;
use App\Http\Requests\PlainRequest;
use App\Models\Check;
use App\Models\SeatModel;
use App\Models\User;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use MintBuckle\Core\Record\InspectionPhase;

final readonly class SeatController
{
    /** More are not looked through on a phone; a few letters find the one. */
    private const MOST = 30;

    public function show(PlainRequest $request, Check $check): View
    {
        $check->load('visit.event.recallList');
        $seat = $check->caseOf(InspectionPhase::Left)->case->seat;
        $words = $request->string('q')->trim()->toString();

        return view(
            'pages.checks.seat',
            [
                'check' => $check,
                'seat' => $seat,
                'words' => $words,
                'models' => SeatModel::found($words, self::MOST, $seat?->maker),
            ],
        );
    }

    public function store(PlainRequest $request, Check $check, TakeModel $take): RedirectResponse
    {
        $author = $request->user();
        assert($author instanceof User);
        try {
            $take($check, SeatModel::query()->findOrFail($request->integer('model')), $author);
        } catch (UnreadableAnswer $e) {
            return redirect()->route('checks.seat', $check)->with('problem', $e->getMessage());
        }

        return redirect()->route('checks.show', [$check->id, 'found', 'label'])->with(
            'status',
            Telling::now()->word('checks.filled_in'),
        );
    }
}
