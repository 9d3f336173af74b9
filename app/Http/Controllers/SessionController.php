<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\SecondFactor;
use App\Accounts\SignIn;
use App\Http\Requests\SignInRequest;
use App\Models\User;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final readonly class SessionController
{
    public function create(): View
    {
        return view('pages.sessions.create');
    }

    public function store(SignInRequest $request, SignIn $signIn): RedirectResponse
    {
        $person = $signIn($request->login(), $request->password(), (string) $request->ip());
        if (! $person instanceof User) {
            throw ValidationException::withMessages(['login' => Telling::now()->word("refused.sign_in.{$person}")]);
        }
        if ($person->totp_secret !== null) {
            $request->session()->regenerate();
            SecondFactor::await($request->session(), $person);

            return redirect()->route('sessions.second');
        }

        return self::welcome($request, $person);
    }

    /** The second factor is asked for. */
    public function second(Request $request): View|RedirectResponse
    {
        return SecondFactor::awaited($request->session()) === null
            ? redirect()->route('login')
            : view('pages.sessions.second');
    }

    public function confirm(SignInRequest $request, SecondFactor $factor): RedirectResponse
    {
        $person = SecondFactor::awaited($request->session());
        if ($person === null) {
            return redirect()->route('login');
        }
        if (! $factor->takes($person, $request->code())) {
            throw ValidationException::withMessages(['code' => Telling::now()->word('refused.sign_in.code')]);
        }

        return self::welcome($request, $person);
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('login');
    }

    private static function welcome(Request $request, User $person): RedirectResponse
    {
        SecondFactor::forget($request->session());
        Auth::login($person, true);
        $request->session()->regenerate();

        return redirect()->intended(route('event'));
    }
}
