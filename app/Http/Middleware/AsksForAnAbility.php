<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Routing\Router;
use Symfony\Component\HttpFoundation\Response;

/** An address that was forgotten to be given an ability is closed to everybody. */
final readonly class AsksForAnAbility
{
    public function __construct(private Router $router) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $route = $request->route();
        $asked = $route === null ? [] : array_filter(
            $this->router->gatherRouteMiddleware($route),
            static fn(mixed $one): bool => is_string($one) && str_starts_with($one, May::class . ':'),
        );
        abort_if($asked === [], Response::HTTP_FORBIDDEN);

        return $next($request);
    }
}
