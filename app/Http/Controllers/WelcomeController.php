<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\UseLink;
use App\Http\Requests\WelcomeRequest;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Somebody comes by the link that a coordinator gave them, and chooses their password. */
final readonly class WelcomeController
{
    public function show(string $token, UseLink $links): View
    {
        return view('pages.sessions.welcome', ['person' => $links->whose($token), 'token' => $token]);
    }

    public function store(WelcomeRequest $request, string $token, UseLink $links): RedirectResponse
    {
        $person = $links->choose($token, $request->password(), $request->pin());

        return $person === null
            ? redirect()->route('welcome', $token)
            : redirect()->route('login')->with('status', Telling::now()->word('accounts.chosen'))->withInput(['login' => $person->login]);
    }
}
