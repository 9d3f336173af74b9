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
