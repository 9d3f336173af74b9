<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Units;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final readonly class UnitsController
{
    public function __invoke(Request $request): RedirectResponse
    {
        $units = $request->enum('units', Units::class) ?? Units::Imperial;

        return redirect()->back()->withCookie(cookie()->forever(Units::COOKIE, $units->value));
    }
}
