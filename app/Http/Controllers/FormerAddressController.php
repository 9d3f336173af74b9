<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Addresses of before the screens had their names: what somebody has kept still leads there. */
final readonly class FormerAddressController
{
    public function seats(Request $request, string $rest = ''): RedirectResponse
    {
        return self::to($request, '/seats', str_replace('shelf.', 'seats.', $rest));
    }

    public function calculators(Request $request, string $rest = ''): RedirectResponse
    {
        return self::to($request, '/calculators', $rest);
    }

    private static function to(Request $request, string $screen, string $rest): RedirectResponse
    {
        $query = $request->getQueryString();

        return redirect(rtrim("{$screen}/{$rest}", '/') . ($query === null ? '' : "?{$query}"), 301);
    }
}
