<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\Annotate;
use App\Http\CheckAnswer;
use App\Http\Requests\TriedRequest;
use App\Models\Check;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use MintBuckle\Core\Finding\Station;

/** A seat will not hold: what is seen, and what was tried. */
final readonly class TriedController
{
    public function store(
        TriedRequest $request,
        Check $check,
        Station $station,
        Annotate $note,
        CheckAnswer $answer,
    ): Response|RedirectResponse {
        return $answer->after($check, $request->phase(), $station, 'tried', static fn() => $note(
            $check,
            $request->phase(),
            $request->id(),
            $request->kind(),
            $request->subject(),
            true,
            null,
            $request->author(),
        ));
    }
}
