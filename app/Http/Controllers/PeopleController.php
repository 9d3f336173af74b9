<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\GiveLink;
use App\Accounts\KeepPerson;
use App\Accounts\LastCoordinator;
use App\Accounts\TakenLogin;
use App\Http\Requests\PersonRequest;
use App\Models\Organisation;
use App\Models\User;
use App\Words\Telling;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Who works here, and what each may do. */
final readonly class PeopleController
{
    public function index(Request $request): View
    {
        $link = $request->session()->get('link');

        return view('pages.people.index', [
            'people' => User::query()->orderByRaw('closed_at is not null')->orderBy('name')->get(),
            'organisation' => Organisation::current(),
            'link' => is_array($link) ? $link : null,
        ]);
    }

    public function store(PersonRequest $request, KeepPerson $keep, GiveLink $give): RedirectResponse
    {
        try {
            $person = $keep->invited($request->invited());
        } catch (TakenLogin) {
            throw ValidationException::withMessages(['login' => Telling::now()->word('refused.person.taken')]);
        }

        return self::with($person, $give($person, $request->author()));
    }

    public function update(PersonRequest $request, User $person, KeepPerson $keep): RedirectResponse
    {
        try {
            $keep->changed($person, $request->changed());
        } catch (LastCoordinator) {
            return redirect()->route('people')->with('problem', Telling::now()->word('refused.person.last'));
        }

        return redirect()->route('people')->with('status', Telling::now()->word('accounts.kept'));
    }

    /** For a password that was forgotten, or an invitation that came too late. */
    public function link(PersonRequest $request, User $person, GiveLink $give): RedirectResponse
    {
        abort_if($person->closed_at !== null, 404);

        return self::with($person, $give($person, $request->author()));
    }

    private static function with(User $person, string $token): RedirectResponse
    {
        return redirect()->route('people')->with('link', ['name' => $person->name, 'address' => route('welcome', $token)]);
    }
}
