<?php

declare(strict_types=1);

namespace MintBuckle\Core\Growth;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Sex;
use MintBuckle\Core\Facts\StrapRule;
use MintBuckle\Core\Fit\SlotChoice;

/** The first month in which another harness slot is the right one: the shoulder is taken to grow in proportion to stature. An estimate. */
final readonly class SlotForecast
{
    /** "2027-03", or null when it cannot be told or does not come. Sex unknown: the earlier of the two. */
    public static function of(AssessmentContext $s, ModeName $mode): ?string
    {
        $age = $s->age?->toInt();
        $height = $s->child->height;
        $shoulder = $s->child->shoulderHeight?->base()->toFloat();
        $turn = self::turningHeight($s, $mode);
        if ($age === null || $height === null || $shoulder === null || $turn === null) {
            return null;
        }
        $start = Measure::Height->number($height);
        $months = array_map(
            static fn(Sex $sex): ?int => GrowthCurve::through($sex, Measure::Height, $age, $start)->firstMonthBeyond(
                $start * $turn / $shoulder,
                $s->strapRule($mode) === StrapRule::AtOrBelow,
            ),
            $s->child->sex === null ? Sex::cases() : [$s->child->sex],
        );
        $known = array_filter($months, is_int(...));

        return $known === [] ? null : OutgrowForecast::monthAfter($s->case->today, min($known));
    }

    /** The shoulder height, in mm, at which (at or below) or beyond which (the other rules) the next allowed slot is the right one. */
    private static function turningHeight(AssessmentContext $s, ModeName $mode): ?float
    {
        $now = SlotChoice::of($s, $mode)->slot;
        $forbidden = $s->seat->modes[$mode->value]->slotsForbidden ?? [];
        if ($now === null) {
            return null;
        }
        $heights = [];
        foreach ($s->seat->slots ?? [] as $index => $slot) {
            if ($slot->height !== null && $index + 1 >= $now && ! in_array($index + 1, $forbidden, true)) {
                $heights[] = $slot->height->base()->toFloat();
            }
        }
        if (count($heights) < 2) {
            return null;
        }
        $reach = $s->strapRule($mode) === StrapRule::LevelTo25Above ? SlotChoice::WINDOW_MM : INF;

        return match (true) {
            $s->strapRule($mode) === StrapRule::AtOrBelow => $heights[1],
            $heights[1] - $heights[0] > $reach => null,
            default => $heights[0],
        };
    }
}
