<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ConsentRequest;
use App\Models\Consent;
use App\Models\Visit;
use App\Visits\TakeConsent;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** A parent's consent, with its wording, language and signature. */
final readonly class ConsentController
{
    public function show(Visit $visit): View
    {
        return view('pages.visits.consent', [
            'visit' => $visit->load('event'),
            'consent' => Consent::query()->with('taker')->find($visit->id),
            'wording' => TakeConsent::wording($visit),
        ]);
    }

    public function store(ConsentRequest $request, Visit $visit, TakeConsent $take): RedirectResponse
    {
        abort_if($visit->left_at !== null, 404);
        $take($visit->load('event'), $request->named(), $request->signature(), $request->author());

        return redirect()->route('visits.consent', $visit)->with('status', Telling::now()->word('consent.kept'));
    }
}
