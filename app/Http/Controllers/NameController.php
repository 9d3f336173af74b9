<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\NoteBeside;
use App\Beside;
use App\Http\CheckAnswer;
use App\Http\Requests\BesideRequest;
use App\Models\Check;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use MintBuckle\Core\Finding\Station;

/** A maker or model that nothing could be matched with is spelt so on the label. */
final readonly class NameController
{
    public function store(BesideRequest $request, Check $check, Station $station, NoteBeside $note, CheckAnswer $answer): Response|RedirectResponse
    {
        return $answer->after($check, $request->track(), $station, strtok($request->subject(), '/') ?: '', static fn() => $note($check, $request->track(), $request->id(), Beside::Confirmed, $request->subject(), $request->holds(), $request->note(), $request->author()));
    }
}
