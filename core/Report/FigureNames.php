<?php

declare(strict_types=1);

namespace MintBuckle\Core\Report;

use MintBuckle\Core\Loose\Attempt;
use MintBuckle\Core\Record\Withdrawn;
use MintBuckle\Core\Telling\Message;

/** What is counted, in words. */
final readonly class FigureNames
{
    /** What exactly is counted, in words; of what nobody counts, the page's own title. */
    public static function of(Measure $measure, string $of): Message
    {
        $named = static fn(string $key): Message => new Message($key, otherwise: 'report.title');

        return match ($measure) {
            Measure::Left => $named("verdicts.{$of}"),
            Measure::Erring => $named('report.summary.erring'),
            Measure::Found, Measure::PutRight => $named("findings.{$of}.title"),
            Measure::WithdrawnFor => $named($of === Outcome::SUITS_BETTER ? 'report.suits_better' : "findings.{$of}.title"),
            Measure::Became => Withdrawn::tryFrom($of)?->title() ?? $named("report.became.{$of}"),
            Measure::Kit => $named("kit.items.{$of}"),
            Measure::Minutes => self::span($of, Spans::OF_A_SEAT),
            Measure::Waited => self::span($of, Spans::OF_A_WAIT),
            Measure::Seconds, Measure::SecondsWaited => $named('report.title'),
            Measure::Tried, Measure::Worked => Attempt::named($of)?->step() ?? $named('report.title'),
        };
    }

    /** @param non-empty-list<int> $spans */
    public static function span(string $from, array $spans): Message
    {
        $to = array_values(array_filter($spans, static fn(int $next): bool => $next > (int) $from))[0] ?? null;

        return new Message('report.span', ['from' => (int) $from, 'to' => $to ?? 0, 'last' => $to === null]);
    }
}
