<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\Response;

/** Whether somebody may do what an address is for; asked before anything is looked for, so that nobody learns what there is. */
final class May
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next, string $ability): Response
    {
        Gate::authorize($ability);

        return $next($request);
    }
}
