<?php

declare(strict_types=1);

namespace MintBuckle\Core\Growth;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\LimitEntry;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\Sex;
use MintBuckle\Core\Quantity\Quantity;

/**
 * When a child outgrows a mode by weight or height: the first month in which a maximum is passed (at one marked below, reached),
 * with the range given by half a z either way. Sex unknown: the earlier of the two. Always an estimate.
 */
final readonly class OutgrowForecast
{
    /** Half a z either way; common practice. */
    public const SPREAD_Z = 0.5;

    /** Null when age or measures are unknown, or the mode has no maximum. */
    public static function of(AssessmentContext $s, Mode $mode): ?Outgrown
    {
        $age = $s->age?->toInt();
        $byMeasure = [];
        foreach ([[Measure::Weight, $s->child->weight, $mode->weightMax], [Measure::Height, $s->child->height, $mode->heightMax]] as [
            $measure,
            $now,
            $limit,
        ]) {
            $resolved = $limit?->asMaximum($s->madeOn(), $s->heldForLimits());
            if ($age !== null && $now !== null && $resolved?->entry !== null) {
                $byMeasure[] = [$measure, self::months($s->child->sex, $measure, $age, $now, $resolved->entry)];
            }
        }
        if ($byMeasure === []) {
            return null;
        }
        usort($byMeasure, static fn(array $a, array $b): int => ($a[1][1] ?? PHP_INT_MAX) <=> ($b[1][1] ?? PHP_INT_MAX));
        $soonest = static function (int $i) use ($byMeasure): ?int {
            $known = array_filter(array_map(static fn(array $m): ?int => $m[1][$i], $byMeasure), is_int(...));

            return $known === [] ? null : min($known);
        };
        $name = static fn(?int $months): ?string => $months === null ? null : self::monthAfter($s->case->today, $months);

        return $soonest(0) === null ? null : new Outgrown($name($soonest(0)), $name($soonest(1)), $name($soonest(2)), $byMeasure[0][0]);
    }

    /** "2027-05", so many months after a day. */
    public static function monthAfter(CalendarDate $today, int $months): string
    {
        $count = $today->year * 12 + $today->month - 1 + $months;

        return sprintf('%04d-%02d', intdiv($count, 12), $count % 12 + 1);
    }

    /** @return array{int|null, int|null, int|null} months from now: earliest, likely, latest */
    private static function months(?Sex $sex, Measure $measure, int $age, Quantity $now, LimitEntry $limit): array
    {
        $figure = $measure->number($limit->value);
        $reached = $limit->below;
        $sexes = $sex === null ? Sex::cases() : [$sex];
        $answer = [null, null, null];
        foreach ([self::SPREAD_Z, 0.0, -self::SPREAD_Z] as $i => $shift) {
            $found = [];
            foreach ($sexes as $one) {
                $curve = GrowthCurve::through($one, $measure, $age, $measure->number($now));
                $found[] = ($shift === 0.0 ? $curve : $curve->shifted($shift))->firstMonthBeyond($figure, $reached);
            }
            $known = array_filter($found, is_int(...));
            $answer[$i] = $known === [] ? null : min($known);
        }

        return $answer;
    }
}
