<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Accounts\ShortSession;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A closed account is out at once; on a shared device the person is asked for again after a while. */
final class EndsSessions
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $person = $request->user();
        if ($person instanceof User && $person->closed_at !== null) {
            Auth::logout();
            $request->session()->invalidate();

            return redirect()->route('login');
        }
        if ($person instanceof User && ShortSession::isShared($request->session())) {
            if (ShortSession::isOver($request->session())) {
                Auth::logout();

                return redirect()->guest(route('change'));
            }
            ShortSession::goOn($request->session());
        }

        return $next($request);
    }
}
