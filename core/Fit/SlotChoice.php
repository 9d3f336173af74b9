<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\StrapRule;
use MintBuckle\Core\Quantity\Length;

/**
 * The right harness slot for a shoulder: "at or below" the highest allowed at or below it, "at or above" the lowest allowed
 * at or above it, "level to 25 mm above" the lowest allowed in that window.
 */
final readonly class SlotChoice
{
    /** Upper edge of the window above the shoulder; common practice, follows the label's standard. */
    public const WINDOW_MM = 25;

    /**
     * @param int|null $slot counted from the lowest, 1; null when none is right or it cannot be told
     * @param bool $nothingRight every height is known and no allowed slot is on the right side
     */
    private function __construct(public ?int $slot, public bool $nothingRight) {}

    public static function of(AssessmentContext $s, ModeName $mode): self
    {
        $rule = $mode->hasHarness() ? $s->strapRule($mode) : null;
        $shoulder = $s->child->shoulderHeight;
        $slots = $s->seat->slots ?? [];
        if ($rule === null || $shoulder === null || $slots === []) {
            return new self(null, false);
        }
        $forbidden = $s->seat->modes[$mode->value]->slotsForbidden ?? [];
        $right = [];
        $unknown = false;
        foreach ($slots as $index => $slot) {
            $allowed = ! in_array($index + 1, $forbidden, true);
            $unknown = $unknown || ($allowed && $slot->height === null);
            if ($allowed && $slot->height !== null && self::isRight($rule, $slot->height->minus($shoulder))) {
                $right[] = $index + 1;
            }
        }

        return match (true) {
            $unknown => new self(null, false),
            $right === [] => new self(null, true),
            default => new self($rule === StrapRule::AtOrBelow ? max($right) : min($right), false),
        };
    }

    /** @param Length $offset slot height less shoulder height */
    public static function isRight(StrapRule $rule, Length $offset): bool
    {
        return match ($rule) {
            StrapRule::AtOrBelow => ! $offset->value->isPositive(),
            StrapRule::AtOrAbove => ! $offset->value->isNegative(),
            StrapRule::LevelTo25Above => ! $offset->value->isNegative() && ! $offset->isMoreThan(Length::of(self::WINDOW_MM)),
        };
    }
}
