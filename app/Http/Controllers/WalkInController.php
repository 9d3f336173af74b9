<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ReceiveFamily;
use App\Actions\TakeToBay;
use App\Finders\Finder;
use App\Http\Requests\WalkInRequest;
use Illuminate\Http\RedirectResponse;
use MintBuckle\Core\Rulebook;

final readonly class WalkInController
{
    public function store(WalkInRequest $request, Finder $finder, Rulebook $rulebook, ReceiveFamily $receive, TakeToBay $take): RedirectResponse
    {
        $visit = $receive($request->day(), $request->toInput($finder, $rulebook), $request->author());
        $take($visit);

        return redirect()->route('checks.show', [$visit->checks()->firstOrFail()->id, 'found', $finder->station()->value])
            ->with('status', 'A check was made of what you entered. The car can be entered at the station Place.');
    }
}
