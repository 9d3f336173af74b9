<?php

declare(strict_types=1);

use App\Http\Busy;
use App\Http\Middleware\EndsSessions;
use App\Http\Middleware\EntersOrganisation;
use App\Http\Middleware\May;
use App\Http\Middleware\ReadableInput;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SpeaksTheDevicesLanguage;
use App\Http\Middleware\SpeaksTheReadersLanguage;
use App\Http\TypedBefore;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Validation\ValidationException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: [__DIR__ . '/../routes/web.php', ...(getenv('MINT_BUCKLE_BENCH') === false ? [] : [__DIR__ . '/../bench/routes.php'])],
        health: '/up',
    )
    ->withCommands([__DIR__ . '/../app/Console'])
    ->withMiddleware(static function (Middleware $middleware): void {
        // Around everything, so that what fails early is told in the right language and dress too.
        $middleware->prepend([SecurityHeaders::class, SpeaksTheDevicesLanguage::class, ReadableInput::class]);
        $middleware->trustHosts(
            at: static fn(): array => array_values(array_filter(config()->array('hosts'), is_string(...))),
            subdomains: false,
        );
        $middleware->encryptCookies(except: [SpeaksTheDevicesLanguage::COOKIE]);
        $middleware->web(append: [EntersOrganisation::class, EndsSessions::class, SpeaksTheReadersLanguage::class]);
        $middleware->prependToPriorityList(AuthenticatesRequests::class, EntersOrganisation::class);
        $middleware->prependToPriorityList(SubstituteBindings::class, SpeaksTheReadersLanguage::class);
        $middleware->prependToPriorityList(SpeaksTheReadersLanguage::class, EndsSessions::class);
        $middleware->prependToPriorityList(SubstituteBindings::class, May::class);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        $exceptions->render(static fn(QueryException $e) => Busy::answer($e));
        $exceptions->render(static fn(ValidationException $e, Request $request) => TypedBefore::without($e, $request));
    })
    ->create();
