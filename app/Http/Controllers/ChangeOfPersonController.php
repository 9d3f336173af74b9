<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\PersonByPin;
use App\Accounts\ShortSession;
use App\Checks\UnreadableAnswer;
use App\Http\Requests\PinRequest;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;

/** Another person goes on at a device that several share, by their PIN. */
final readonly class ChangeOfPersonController
{
    public function show(Request $request): View|RedirectResponse
    {
        return ShortSession::isShared($request->session()) || Auth::check()
            ? view('pages.sessions.change', [
                'people' => User::query()->whereNotNull('pin')->whereNull('closed_at')->orderBy('name')->get(),
            ])
            : redirect()->route('login');
    }

    public function store(PinRequest $request, PersonByPin $people): RedirectResponse
    {
        $session = $request->session();
        if (! ShortSession::isShared($session) && ! Auth::check()) {
            return redirect()->route('login');
        }
        try {
            $person = $people($request->login(), $request->pin());
        } catch (UnreadableAnswer $e) {
            return redirect()->route('change')->withErrors(['pin' => $e->getMessage()])->withInput(['login' => $request->login()]);
        }
        // Whoever was remembered here is not to come back by themselves.
        Cookie::queue(Cookie::forget(Auth::guard('web')->getRecallerName()));
        Auth::login($person);
        $session->regenerate();
        ShortSession::goOn($session);

        return redirect()->intended(route('event'));
    }
}
