<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlainRequest;
use App\Units;
use Illuminate\Http\RedirectResponse;

final readonly class UnitsController
{
    public function __invoke(PlainRequest $request): RedirectResponse
    {
        $units = $request->enum('units', Units::class) ?? Units::Imperial;

        return redirect()->back()->withCookie(cookie()->forever(Units::COOKIE, $units->value));
    }
}
