<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\NullSessionHandler;
use Illuminate\Session\Store;
use Symfony\Component\HttpFoundation\Response;

/**
 * A part of a page that htmx fetches while something else is typed or sent reads the session and writes nothing back: it would take
 * away what a form posted in the meantime has to say on the next page.
 */
final class LeavesSessionAlone
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->hasHeader('HX-Request')) {
            $store = session()->driver();
            assert($store instanceof Store);
            $store->setHandler(new NullSessionHandler());
        }

        return $next($request);
    }
}
