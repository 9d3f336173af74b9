<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Label;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\Expiry;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** May the seat still be used today, and for how long? */
final readonly class ExpiryRule implements Rule
{
    /** Half a year, so that the family can look for the next seat in time. */
    public const SOON_DAYS = 183;

    public function finds(): array
    {
        return [
            new Finds(Code::of('expiry.passed'), [Severity::Stop], mendedBy: ['seat.made_on', 'seat.use_until', 'seat.life_years']),
            new Finds(
                Code::of('expiry.soon'),
                [Severity::Advise],
                mendedBy: ['seat.use_until'],
                figures: ['days' => self::SOON_DAYS],
            ),
            new Finds(Code::of('expiry.unknown'), [Severity::Ask], mendedBy: ['seat.use_until', 'seat.life_years']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->seat === null) {
            return;
        }
        $first = Expiry::firstDayOfNoMoreUse($s->seat->useUntil, $s->seat->madeOn, $s->seat->lifeYears);
        yield from $first === null ? self::unknown($s->seat) : self::known($first, $s->case->today);
    }

    /** @return iterable<Finding> */
    private static function known(CalendarDate $first, CalendarDate $today): iterable
    {
        $left = $today->daysUntil($first);
        if ($left <= 0) {
            yield new Finding(
                Code::of('expiry.passed'),
                Severity::Stop,
                with: ['since' => $first],
                observed: (string) $today,
                limit: (string) $first,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        } elseif ($left <= self::SOON_DAYS) {
            yield new Finding(
                Code::of('expiry.soon'),
                Severity::Advise,
                with: ['from' => $first, 'days' => $left],
                observed: (string) $today,
                limit: (string) $first,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        }
    }

    /** @return iterable<Finding|Question> */
    private static function unknown(Seat $seat): iterable
    {
        yield new Finding(
            Code::of('expiry.unknown'),
            Severity::Ask,
            sources: [Source::Common->cite()],
        );
        if ($seat->labelReadable === false) {
            return;
        }
        yield new Question('seat.use_until', Station::Label, Severity::Stop);
        if ($seat->lifeYears === null) {
            yield new Question('seat.life_years', Station::Label, Severity::Stop);
        }
        if ($seat->madeOn === null) {
            yield new Question('seat.made_on', Station::Label, Severity::Stop);
        }
    }
}
