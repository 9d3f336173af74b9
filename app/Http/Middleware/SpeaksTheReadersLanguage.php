<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Words\Languages;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Whoever has signed in reads their account's language, whatever the device speaks. */
final readonly class SpeaksTheReadersLanguage
{
    public function __construct(private Languages $languages) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $this->languages->has($user->language) && $user->language !== app()->getLocale()) {
            app()->setLocale($user->language);
        }

        return $next($request);
    }
}
