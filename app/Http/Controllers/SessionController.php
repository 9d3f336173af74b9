<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignInRequest;
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

    public function store(SignInRequest $request): RedirectResponse
    {
        if (! Auth::attempt($request->credentials(), true)) {
            throw ValidationException::withMessages(['login' => Telling::now()->word('refused.sign_in.wrong')]);
        }
        $request->session()->regenerate();

        return redirect()->intended(route('event'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('login');
    }
}
