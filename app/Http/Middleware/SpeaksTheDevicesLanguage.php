<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Words\Languages;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Before anybody is known, and where something goes wrong on the way to that: the language this device spoke last or asks for. */
final readonly class SpeaksTheDevicesLanguage
{
    public const COOKIE = 'language';

    public function __construct(private Languages $languages) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $asked = $request->cookies->getString(self::COOKIE);
        $known = array_keys($this->languages->names());
        app()->setLocale($this->languages->has($asked)
            ? $asked
            : $request->getPreferredLanguage([Languages::FIRST, ...array_diff($known, [Languages::FIRST])]) ?? Languages::FIRST);

        return $next($request);
    }
}
