<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Events\EventState;
use App\Models\CheckupEvent;
use App\Words\Telling;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Nobody arrives at an event that is not open yet, or over. */
final class NeedsAnOpenEvent
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        return CheckupEvent::current()->state() === EventState::Open
            ? $next($request)
            : redirect()->route('events.index')->with('problem', Telling::now()->word('events.not_open'));
    }
}
