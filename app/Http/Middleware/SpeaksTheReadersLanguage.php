<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Words\Languages;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A page is in the language of the account; before anybody has signed in, in the one that this device spoke last or asks for. */
final readonly class SpeaksTheReadersLanguage
{
    public const COOKIE = 'language';

    public function __construct(private Languages $languages) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        $known = array_keys($this->languages->names());
        $asked = $user instanceof User ? $user->language : $request->cookie(self::COOKIE);
        $language = is_string($asked) && $this->languages->has($asked)
            ? $asked
            : $request->getPreferredLanguage([Languages::FIRST, ...array_diff($known, [Languages::FIRST])]) ?? Languages::FIRST;
        if ($language !== app()->getLocale()) {
            app()->setLocale($language);
        }

        return $next($request);
    }
}
