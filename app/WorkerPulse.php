<?php

declare(strict_types=1);

namespace App;

use Illuminate\Foundation\Events\DiagnosingHealth;
use Illuminate\Queue\Events\JobProcessing;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use RuntimeException;

/** Whether the queue's worker lives: it says so each time it looks for work, and how long it may be away when it has some. */
final readonly class WorkerPulse
{
    private const KEY = 'queue.alive';

    /** It looks every second; so many may pass while a machine is busy. */
    private const IDLE_SECONDS = 15;

    /** The longest that one work may take. */
    private const BUSY_SECONDS = 900;

    public static function listen(): void
    {
        Event::listen(Looping::class, static fn() => Cache::put(self::KEY, true, self::IDLE_SECONDS));
        Event::listen(JobProcessing::class, static fn() => Cache::put(self::KEY, true, self::BUSY_SECONDS));
        Event::listen(DiagnosingHealth::class, self::diagnose(...));
    }

    /** @throws RuntimeException which makes /up answer 500 */
    private static function diagnose(): void
    {
        DB::select('select 1');
        if (config('queue.default') !== 'sync' && Cache::get(self::KEY) !== true) {
            throw new RuntimeException('the worker of the queue is away');
        }
    }
}
