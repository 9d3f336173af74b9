<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Units;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final readonly class UnitsController
{
    private const A_YEAR_IN_MINUTES = 525_600;

    public function __invoke(Request $request): RedirectResponse
    {
        $units = $request->enum('units', Units::class) ?? Units::Imperial;

        return redirect()->back()->withCookie(cookie(Units::COOKIE, $units->value, self::A_YEAR_IN_MINUTES));
    }
}
