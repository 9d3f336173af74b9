<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\UndoFact;
use App\Http\CheckAnswer;
use App\Http\Requests\UndoRequest;
use App\Models\Check;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use MintBuckle\Core\Finding\Station;

final readonly class UndoController
{
    public function store(
        UndoRequest $request,
        Check $check,
        Station $station,
        UndoFact $takeBack,
        CheckAnswer $answer,
    ): Response|RedirectResponse {
        return $answer->after(
            $check,
            $request->phase(),
            $station,
            'undo',
            static fn() => $takeBack($check, $request->phase(), $request->id(), $request->undoes(), $request->author()),
        );
    }
}
