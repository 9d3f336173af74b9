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

final readonly class DeclineController
{
    public function store(BesideRequest $request, Check $check, Station $station, NoteBeside $note, CheckAnswer $answer): Response|RedirectResponse
    {
        $key = Beside::Declined->key($request->subject());

        return $answer->after($check, $request->track(), $station, $key, static fn() => $note($check, $request->track(), $request->id(), Beside::Declined, $request->subject(), $request->holds(), $request->note(), $request->author()));
    }
}
