<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\SpeaksTheDevicesLanguage;
use App\Http\Requests\LanguageRequest;
use App\Models\User;
use Illuminate\Http\RedirectResponse;

/** The language of an account, and of a device before anybody has signed in. */
final readonly class LanguageController
{
    public function __invoke(LanguageRequest $request): RedirectResponse
    {
        $user = $request->user();
        if ($user instanceof User) {
            $user->update(['language' => $request->language()]);
        }

        return redirect()->back()->withCookie(
            cookie()->forever(SpeaksTheDevicesLanguage::COOKIE, $request->language()),
        );
    }
}
