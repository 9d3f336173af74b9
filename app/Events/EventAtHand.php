<?php

declare(strict_types=1);

namespace App\Events;

use App\Models\CheckupEvent;
use Illuminate\Contracts\Session\Session;
use Illuminate\Support\Facades\Request;

/** The event that somebody works at: the open one they chose, else the latest that is open, else the latest there is. */
final readonly class EventAtHand
{
    private const CHOSEN = 'event';

    public static function find(): CheckupEvent
    {
        return CheckupEvent::query()
            ->orderByRaw(
                '(opened_at is not null and closed_at is null) desc, (id = ?) desc, held_on desc, id desc',
                [self::chosen() ?? 0],
            )
            ->firstOrFail();
    }

    public static function choose(CheckupEvent $event, Session $session): void
    {
        $session->put(self::CHOSEN, $event->id);
    }

    private static function chosen(): ?int
    {
        $chosen = app()->bound('request') && Request::hasSession() ? Request::session()->get(self::CHOSEN) : null;

        return is_int($chosen) ? $chosen : null;
    }
}
