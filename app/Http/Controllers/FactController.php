<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Ability;
use App\Accounts\PersonByPin;
use App\Checks\LogPage;
use App\Checks\RecordFact;
use App\Http\CheckAnswer;
use App\Http\Requests\FactRequest;
use App\Models\Check;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use MintBuckle\Core\Finding\Station;

final readonly class FactController
{
    public function index(Request $request, Check $check): View
    {
        $check->load(['facts.author', 'visit.event.recallList']);
        $user = $request->user();
        $mayBecomeDrill = $user instanceof User && $user->role->may(Ability::Manage) && $check->visit->left_at !== null;

        return view('pages.checks.log', ['page' => new LogPage($check, $mayBecomeDrill)]);
    }

    public function store(
        FactRequest $request,
        Check $check,
        Station $station,
        RecordFact $record,
        CheckAnswer $answer,
    ): Response|RedirectResponse {
        return $answer->after($check, $request->phase(), $station, $request->key(), static fn() => $record(
            $check,
            $request->phase(),
            $request->id(),
            $request->key(),
            $request->posted(),
            $request->signer() === null ? $request->author() : resolve(PersonByPin::class)(...$request->signer()),
            $request->note(),
            $request->with(),
        ));
    }
}
