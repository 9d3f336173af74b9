<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\OrganisationRequest;
use App\Models\Organisation;
use App\Words\Telling;
use Illuminate\Http\RedirectResponse;

/** What the organisation that one works in is called. */
final readonly class OrganisationController
{
    public function update(OrganisationRequest $request): RedirectResponse
    {
        Organisation::current()->update(['name' => $request->called()]);

        return redirect()->route('people')->with('status', Telling::now()->word('accounts.kept'));
    }
}
