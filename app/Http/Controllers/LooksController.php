<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\KeepLooks;
use App\Http\CheckAnswer;
use App\Http\Requests\LooksRequest;
use App\Models\Check;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use MintBuckle\Core\Finding\Station;

/** A list of plain looks is kept as it stands. */
final readonly class LooksController
{
    public function store(
        LooksRequest $request,
        Check $check,
        Station $station,
        KeepLooks $keep,
        CheckAnswer $answer,
    ): Response|RedirectResponse {
        return $answer->after(
            $check,
            $request->phase(),
            $station,
            (string) array_key_first($request->lines()),
            static fn() => $keep($check, $request->phase(), $request->lines(), $request->author()),
        );
    }
}
