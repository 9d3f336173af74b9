<?php

declare(strict_types=1);

namespace MintBuckle\Core\Teaching;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Limit;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Sex;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Growth\GrowthCurve;
use MintBuckle\Core\Growth\Measure;
use MintBuckle\Core\Growth\OutgrowForecast;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Quantity\Quantity;

/**
 * "What next?" for one child in this seat, from its own figures: when it may turn, sit on a booster, without a back, on the belt alone, in
 * front. Every change has conditions that must hold first; it is advised only when what the child rides in now is outgrown.
 */
final readonly class WhatNext
{
    /** @return list<NextStep> none while it is not known how the child rides */
    public static function of(AssessmentContext $s): array
    {
        if ($s->mode === null || $s->bus !== null) {
            return [];
        }

        return array_map(static fn(NextKind $kind): NextStep => self::step($kind, $s), NextKind::after($s->mode));
    }

    private static function step(NextKind $kind, AssessmentContext $s): NextStep
    {
        $target = self::first($s, $kind->leadsTo(...));
        $ending = self::first($s, $kind->ends(...));
        $month = $ending === null ? null : OutgrowForecast::of($s, $ending)?->likely;

        return new NextStep(
            $kind,
            [...self::floors($kind, $s), ...($target === null ? [] : self::makers($target, $s))],
            match (true) {
                $month !== null => PartialDate::parse($month),
                $kind === NextKind::BeltAlone => self::reaches($s, NextFloors::beltFits()),
                $kind === NextKind::FrontSeat => self::ageOn($s, NextFloors::front()),
                default => null,
            },
            $target !== null || $kind === NextKind::BeltAlone || $kind === NextKind::FrontSeat,
        );
    }

    /**
     * What the seat's maker says of the first way of riding that is meant, most protective first.
     *
     * @param callable(ModeName): bool $isMeant
     */
    private static function first(AssessmentContext $s, callable $isMeant): ?Mode
    {
        foreach ($s->seat->modes ?? [] as $name => $mode) {
            if ($isMeant(ModeName::from($name))) {
                return $mode;
            }
        }

        return null;
    }

    /** @return list<Condition> of law and practice */
    private static function floors(NextKind $kind, AssessmentContext $s): array
    {
        return array_map(
            static fn(array $floor): Condition => self::condition($s, $floor[0], true, $floor[1], [$floor[2]->cite()]),
            NextFloors::of($kind, $s),
        );
    }

    /** @return list<Condition> of the seat's maker; a figure that depends on what is not known is left to the manual */
    private static function makers(Mode $mode, AssessmentContext $s): array
    {
        $conditions = [];
        foreach ([$mode->ageMinMonths, $mode->weightMin, $mode->heightMin] as $limit) {
            $entry = $limit instanceof Limit ? $limit->asMinimum($s->madeOn(), $s->heldForLimits())->entry : null;
            if ($entry !== null) {
                $conditions[] = self::condition($s, $entry->value, ! $entry->below, 'seat', [Source::SeatManual->cite()]);
            }
        }

        return $conditions;
    }

    /** @param list<Citation> $sources */
    private static function condition(AssessmentContext $s, Quantity $figure, bool $inclusive, string $from, array $sources): Condition
    {
        $now = match (true) {
            $figure instanceof Months => $s->age,
            $figure instanceof Mass => $s->child->weight,
            default => $s->child->height,
        };
        $order = $now?->compareTo($figure);
        $met = $order === null ? null : $order > 0 || ($inclusive && $order === 0);

        return new Condition(
            $figure,
            $inclusive,
            $from,
            $met,
            $met === true ? null : ($figure instanceof Months ? self::ageOn($s, $figure) : self::reaches($s, $figure, $inclusive)),
            $sources,
        );
    }

    /** The month in which the child is so old; of a child whose age alone is known, counted from today. */
    private static function ageOn(AssessmentContext $s, Months $age): ?PartialDate
    {
        $born = $s->child->bornOn;
        if ($born !== null) {
            return PartialDate::parse(OutgrowForecast::monthAfter(CalendarDate::of($born->year, $born->month, 1), $age->toInt()));
        }

        return $s->age === null
            ? null
            : PartialDate::parse(OutgrowForecast::monthAfter($s->case->today, max(0, $age->toInt() - $s->age->toInt())));
    }

    /** The month in which the child's own growth path gets there; with the sex unknown the later of the two. */
    private static function reaches(AssessmentContext $s, Quantity $figure, bool $inclusive = true): ?PartialDate
    {
        $measure = $figure instanceof Mass ? Measure::Weight : Measure::Height;
        $now = $measure === Measure::Weight ? $s->child->weight : $s->child->height;
        $age = $s->age?->toInt();
        if ($now === null || $age === null || ! ($now->isLessThan($figure) || (! $inclusive && $now->equals($figure)))) {
            return null;
        }
        $ahead = array_map(
            static fn(Sex $sex): ?int => GrowthCurve::through($sex, $measure, $age, $measure->number($now))
                ->firstMonthBeyond($measure->number($figure), $inclusive),
            $s->child->sex === null ? Sex::cases() : [$s->child->sex],
        );

        return in_array(null, $ahead, true) ? null : PartialDate::parse(OutgrowForecast::monthAfter($s->case->today, max($ahead)));
    }
}
