<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\Annotate;
use App\Http\CheckAnswer;
use App\Http\Requests\BesideRequest;
use App\Models\Check;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Record\AnnotationKind;

final readonly class DeclineController
{
    public function store(
        BesideRequest $request,
        Check $check,
        Station $station,
        Annotate $note,
        CheckAnswer $answer,
    ): Response|RedirectResponse {
        $key = AnnotationKind::Declined->key($request->subject());

        return $answer->after(
            $check,
            $request->phase(),
            $station,
            $key,
            static fn() => $note(
                $check,
                $request->phase(),
                $request->id(),
                AnnotationKind::Declined,
                $request->subject(),
                $request->holds(),
                $request->note(),
                $request->author(),
            ),
        );
    }
}
