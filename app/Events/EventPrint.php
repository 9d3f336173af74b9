<?php

declare(strict_types=1);

namespace App\Events;

use App\Models\CheckupEvent;
use Illuminate\Support\Facades\DB;

/** All that can be seen on an event's page, in short: one question to the database, since every screen asks it every second. */
final readonly class EventPrint
{
    private const SEEN = <<<'SQL'
        select md5(concat_ws(' ',
            (select string_agg(concat_ws('|', id, ticket, bay, worked_by, called_at, vehicle, arrived_at), ';' order by id)
                from visits where checkup_event_id = :event and left_at is null),
            (select string_agg(concat_ws('|', c.id, letter, maker, model, verdict, is_left_begun, place), ';' order by c.id)
                from checks c join visits v on v.id = c.visit_id where v.checkup_event_id = :event and v.left_at is null),
            (select concat_ws('|', count(*), max(left_at)) from visits where checkup_event_id = :event and left_at is not null),
            (select string_agg(c.kit::text, ';' order by c.id)
                from checks c join visits v on v.id = c.visit_id where v.checkup_event_id = :event and c.kit is not null),
            (select concat_ws('|', count(*), max(at)) from kit_moves where checkup_event_id = :event),
            (select string_agg(concat_ws('|', item, minimum), ';' order by item) from kit_minima where checkup_event_id = :event),
            (select string_agg(concat_ws('|', user_id, certified_until), ';' order by user_id)
                from crew join users on users.id = user_id where checkup_event_id = :event)
        ))
        SQL;

    /**
     * @param string $clock as the event's clock shows it: what stands for how long changes with it
     * @param int $page of those that have gone home
     */
    public static function of(CheckupEvent $event, string $clock, int $page): string
    {
        $seen = DB::scalar(str_replace(':event', (string) $event->id, self::SEEN));

        return sha1(implode(' ', [
            is_string($seen) ? $seen : '', (string) $event->updated_at?->getTimestamp(), $clock, $page, app()->getLocale(),
        ]));
    }
}
