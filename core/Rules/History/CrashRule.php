<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\History;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\CrashPoints;
use MintBuckle\Core\Facts\CrashPolicy;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Facts\ReplaceAfterCrash;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/**
 * Was the seat in a crash, and may it be used after it? The maker's word first, then the event's policy; outside the us practice that is
 * always strict.
 */
final readonly class CrashRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('history.crash'), [Severity::Stop], mendedBy: ['seat.history.crash'], sources: [Source::CrashGuidance]),
            new Finds(Code::of('history.minor_crash'), [Severity::Advise], sources: [Source::CrashGuidance]),
            new Finds(
                Code::of('history.crash_unclear'),
                [Severity::Ask],
                mendedBy: [
                    'seat.history.crash_points.drove_away',
                    'seat.history.crash_points.near_door_sound',
                    'seat.history.crash_points.nobody_hurt',
                    'seat.history.crash_points.no_airbag',
                    'seat.history.crash_points.seat_sound',
                ],
                sources: [Source::CrashGuidance],
            ),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        $history = $s->seat?->history;
        if ($history === null || $history->crash === false) {
            return;
        }
        if ($history->crash === null) {
            yield new Question('seat.history.crash', Station::History, Severity::Stop);
        } elseif ($s->seat->replaceAfterCrash === ReplaceAfterCrash::Any) {
            yield self::crashed(
                'maker',
                'seat',
                Source::SeatManual->cite(),
            );
        } elseif ($s->case->policy->crash !== CrashPolicy::MinorCrash || $s->case->practice !== PracticeCode::Us) {
            yield self::crashed(
                'event',
                $s->practice->layer(),
                Source::Common->cite(),
            );
        } else {
            yield from self::points($history->crashPoints, $s->seat->replaceAfterCrash);
        }
    }

    /** @return iterable<Finding|Question> */
    private static function points(CrashPoints $points, ?ReplaceAfterCrash $wish): iterable
    {
        $answers = [
            'drove_away' => $points->droveAway,
            'near_door_sound' => $points->nearDoorSound,
            'nobody_hurt' => $points->nobodyHurt,
            'no_airbag' => $points->noAirbag,
            'seat_sound' => $points->seatSound,
        ];
        $source = Source::CrashGuidance->cite();
        $failed = array_keys(array_filter($answers, static fn(?bool $holds): bool => $holds === false));
        $open = array_keys(array_filter($answers, is_null(...)));
        if ($failed !== []) {
            yield self::crashed(
                'not_minor',
                'practice:us',
                $source,
                $failed,
            );
        } elseif ($open !== []) {
            yield new Finding(
                Code::of('history.crash_unclear'),
                Severity::Ask,
                from: 'practice:us',
                sources: [$source],
            );
        } elseif ($wish !== null) {
            yield new Finding(
                Code::of('history.minor_crash'),
                Severity::Advise,
                from: 'practice:us',
                sources: [$source],
            );
        }
        if ($failed === []) {
            foreach ($open as $point) {
                yield new Question("seat.history.crash_points.{$point}", Station::History, Severity::Stop);
            }
            if ($wish === null) {
                yield new Question('seat.replace_after_crash', Station::History, Severity::Stop);
            }
        }
    }

    /** @param list<string> $failed points of a minor crash that do not hold */
    private static function crashed(string $variant, string $from, Citation $source, array $failed = []): Finding
    {
        return new Finding(
            Code::of('history.crash'),
            Severity::Stop,
            variant: $variant,
            with: [
                'failed' => Listing::clauses(array_map(
                    static fn(string $point): Message => new Message("breaches.crash.{$point}"),
                    $failed,
                )),
            ],
            from: $from,
            sources: [$source],
        );
    }
}
