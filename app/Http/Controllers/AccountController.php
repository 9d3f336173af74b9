<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\OwnRecord;
use App\Accounts\SecondFactor;
use App\Accounts\Totp;
use App\Http\Requests\AccountRequest;
use App\Models\User;
use App\Words\Telling;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** One's own account: password, PIN, second factor. */
final readonly class AccountController
{
    private const SECRET = 'account.secret';

    public function show(Request $request): View
    {
        $codes = $request->session()->get('codes');
        $secret = $request->session()->get(self::SECRET);

        return view('pages.people.account', [
            'secret' => is_string($secret) ? $secret : null,
            'codes' => is_array($codes) ? $codes : [],
        ]);
    }

    /** What one did, to be shown when one is certified anew. */
    public function record(#[CurrentUser] User $person): View
    {
        return view('pages.people.record', ['record' => OwnRecord::of($person)]);
    }

    public function export(#[CurrentUser] User $person): StreamedResponse
    {
        return response()->streamDownload(static function () use ($person): void {
            $stream = fopen('php://output', 'wb');
            assert($stream !== false);
            OwnRecord::of($person)->csv($stream);
        }, "{$person->login}.csv", ['Content-Type' => 'text/csv; charset=utf-8; header=present']);
    }

    public function update(AccountRequest $request): RedirectResponse
    {
        $request->author()->update($request->changed());

        return redirect()->route('account')->with('status', Telling::now()->word('accounts.kept'));
    }

    /** A secret is shown; it counts once the device has shown that it has it. */
    public function begin(Request $request): RedirectResponse
    {
        $request->session()->put(self::SECRET, Totp::secret());

        return redirect()->to(route('account') . '#second');
    }

    public function confirm(AccountRequest $request, SecondFactor $factor): RedirectResponse
    {
        $secret = $request->session()->get(self::SECRET);
        if (! is_string($secret) || ! $factor->isSet($secret, $request->code())) {
            return redirect()->to(route('account') . '#second')->withErrors(['code' => Telling::now()->word('refused.sign_in.code')]);
        }
        $request->session()->forget(self::SECRET);

        return redirect()->to(route('account') . '#second')->with('codes', $factor->begin($request->author(), $secret));
    }

    public function end(AccountRequest $request, SecondFactor $factor): RedirectResponse
    {
        $factor->end($request->author());

        return redirect()->to(route('account') . '#second');
    }
}
