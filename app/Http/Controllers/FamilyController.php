<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bookings\FamilyLink;
use App\Http\Requests\FamilyRequest;
use App\Units;
use App\Words\Languages;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** A family says on its own phone, before its turn, who comes in what; in its language. */
final readonly class FamilyController
{
    public function show(string $family, FamilyLink $link, Languages $languages, Units $units): View
    {
        $booking = $link->of($family);
        if ($booking !== null && $languages->has($booking->language)) {
            app()->setLocale($booking->language);
        }

        return view('pages.bookings.family', ['booking' => $booking, 'token' => $family, 'units' => $units]);
    }

    public function store(FamilyRequest $request, string $family, FamilyLink $link): RedirectResponse
    {
        $link->of($family)?->family?->update(['arrival' => $request->arrival()]);

        return redirect()->route('family', $family)->with('said', true);
    }
}
