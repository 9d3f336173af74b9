<?php

declare(strict_types=1);

use App\Models\CheckupEvent;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\Route;

// What bin/bench answer compares with, and only while it runs: one query, one line of Blade.
Route::middleware('auth')->get(
    '/bare',
    static fn(): View => view()->file(__DIR__ . '/bare.blade.php', ['event' => CheckupEvent::current()]),
);

// What bin/bench live compares with: the same, told by server-sent events. It keeps a worker for as long as the screen is open.
Route::middleware(['web', 'auth'])->get('/bench/live', static fn() => response()->eventStream(static function () {
    $seen = null;
    for ($end = microtime(true) + 120; microtime(true) < $end && ! connection_aborted();) {
        $event = CheckupEvent::current();
        $now = App\Events\EventPrint::of($event, '', 1);
        if ($now !== $seen) {
            $seen = $now;
            yield implode(' ', array_column(App\Events\EventVisits::present($event)->visits, 'vehicle'));
        }
        usleep(500_000);
    }
}));
