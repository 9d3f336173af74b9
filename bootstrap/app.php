<?php

declare(strict_types=1);

use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SpeaksTheReadersLanguage;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: [__DIR__ . '/../routes/web.php', ...(getenv('MINT_BUCKLE_BENCH') === false ? [] : [__DIR__ . '/../bench/routes.php'])],
        health: '/up',
    )
    ->withCommands([__DIR__ . '/../app/Console'])
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->web(append: [SpeaksTheReadersLanguage::class, SecurityHeaders::class]);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(static function (Exceptions $exceptions): void {})
    ->create();
