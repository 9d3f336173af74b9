<?php

declare(strict_types=1);

namespace App\FollowUps;

use App\Models\FollowUp;
use App\Units;
use App\Words\Telling;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Telling\Message;

/** What is said to a family, in its language: on the telephone, or in a mail. */
final readonly class FollowUpWords
{
    private const PARAGRAPHS = ['hello', 'what', 'do', 'manual'];

    public static function subject(FollowUp $followUp): string
    {
        return self::tell($followUp, 'subject');
    }

    /** @return list<string> */
    public static function paragraphs(FollowUp $followUp): array
    {
        return array_map(static fn(string $part): string => self::tell($followUp, $part), self::PARAGRAPHS);
    }

    private static function tell(FollowUp $followUp, string $part): string
    {
        $visit = $followUp->check->visit;

        return Telling::in($visit->language, Units::Imperial)->tell(new Message("follow_ups.say.{$part}", [
            'kind' => $followUp->kind->value,
            'family' => $visit->family->first_name ?? '',
            'event' => $visit->event->name,
            'seat' => trim("{$followUp->check->maker} {$followUp->check->model}"),
            'day' => CalendarDate::parse($followUp->due_on->toDateString()),
            'month' => PartialDate::parse($followUp->due_on->format('Y-m')),
        ]));
    }
}
