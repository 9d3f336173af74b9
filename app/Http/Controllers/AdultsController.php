<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Checks\StepPerformer;
use App\Http\Requests\PlainRequest;
use App\Models\Visit;
use Illuminate\Http\RedirectResponse;

/** How many adults will install the seats at home: each of them shows the installation back. */
final readonly class AdultsController
{
    public function __invoke(PlainRequest $request, Visit $visit): RedirectResponse
    {
        $request->validate(['adults' => ['required', 'integer', 'between:1,4'], 'check' => ['required', 'uuid']]);
        abort_if($visit->left_at !== null, 404);
        $check = $visit->checks()->findOrFail($request->string('check')->toString());
        $visit->update(['adults' => $request->integer('adults')]);

        return redirect()->route('checks.card', [$check->id, StepPerformer::Family->value]);
    }
}
