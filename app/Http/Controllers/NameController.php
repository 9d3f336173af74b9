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

/** A maker or model that nothing could be matched with is spelt so on the label. */
final readonly class NameController
{
    public function store(
        BesideRequest $request,
        Check $check,
        Station $station,
        Annotate $note,
        CheckAnswer $answer,
    ): Response|RedirectResponse {
        return $answer->after(
            $check,
            $request->phase(),
            $station,
            strtok($request->subject(), '/') ?: '',
            static fn() => $note(
                $check,
                $request->phase(),
                $request->id(),
                AnnotationKind::Confirmed,
                $request->subject(),
                $request->holds(),
                $request->note(),
                $request->author(),
            ),
        );
    }
}
