<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\StrapRule;
use MintBuckle\Core\Facts\StrapSeen;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Truth\Truth;

/**
 * Where the strap stands against the shoulder: a measured offset, else slot height less shoulder height, else as it was seen.
 * A window in millimetres needs one of the first two.
 */
final readonly class StrapPlace
{
    /** A measured offset that is further than this from what slot and shoulder say contradicts them. */
    public const MAY_DIFFER_MM = 25;

    /**
     * @param Length|null $offset strap above (+) or below (-) the shoulder
     * @param bool $contradicts whether the measured offset and slot and shoulder tell two different things, so that neither is judged
     * @param list<string> $missing paths of facts that are still needed
     */
    private function __construct(
        public ?StrapRule $rule,
        public ?int $slot,
        public ?Length $offset,
        public ?StrapSeen $seen,
        public bool $forbidden,
        public Truth $right,
        public bool $contradicts,
        public array $missing,
    ) {}

    public static function of(AssessmentContext $s, ModeName $mode): self
    {
        $harness = $s->setup()->harness;
        $slots = $s->seat?->slots;
        $rule = $s->strapRule($mode);
        $slotHeight = $harness->slot === null ? null : $slots[$harness->slot - 1]->height ?? null;
        $shoulder = $s->child->shoulderHeight;
        $computed = $slotHeight === null || $shoulder === null ? null : $slotHeight->minus($shoulder);
        $offset = $harness->strapOffset ?? $computed;
        if (
            $harness->strapOffset !== null
            && $computed !== null
            && $harness->strapOffset->minus($computed)->abs()->isMoreThan(Length::of(self::MAY_DIFFER_MM))
        ) {
            return new self(
                $rule,
                $harness->slot,
                $offset,
                $harness->strap,
                false,
                Truth::Unknown,
                true,
                ['setup.harness.strap_offset', 'setup.harness.slot', 'child.shoulder_height'],
            );
        }
        $forbidden = $slots !== [] && in_array($harness->slot, $s->modeRules->slotsForbidden ?? [], true);
        $right = self::right($rule, $offset, $harness->strap);
        $missing = $slots === [] ? [] : self::missingOfSlots($s);
        if ($right === Truth::Unknown) {
            $missing[] = match (true) {
                $rule === null => 'seat.standards',
                $rule === StrapRule::LevelTo25Above || $harness->strap !== null => 'setup.harness.strap_offset',
                default => 'setup.harness.strap',
            };
        }

        return new self($rule, $slots === [] ? null : $harness->slot, $offset, $harness->strap, $forbidden, $right, false, $missing);
    }

    public function lengthUnit(): LengthUnit
    {
        return $this->offset?->unit instanceof LengthUnit ? $this->offset->unit : LengthUnit::Millimetre;
    }

    /** @return list<string> */
    private static function missingOfSlots(AssessmentContext $s): array
    {
        $harness = $s->setup()->harness;
        $unmeasured = array_map(
            static fn(int $index): string => "seat.slots.{$index}.height",
            array_keys(array_filter($s->seat->slots ?? [], static fn($slot): bool => $slot->height === null)),
        );

        return [
            ...($s->seat?->slots === null ? ['seat.slots'] : []),
            ...$unmeasured,
            ...($harness->slot === null ? ['setup.harness.slot'] : []),
            ...($s->child->shoulderHeight === null ? ['child.shoulder_height'] : []),
        ];
    }

    private static function right(?StrapRule $rule, ?Length $offset, ?StrapSeen $seen): Truth
    {
        return match (true) {
            $rule === null => Truth::Unknown,
            $offset !== null => Truth::of(SlotChoice::isRight($rule, $offset)),
            $seen === null => Truth::Unknown,
            $rule === StrapRule::AtOrBelow => Truth::of($seen !== StrapSeen::Above),
            $rule === StrapRule::AtOrAbove => Truth::of($seen !== StrapSeen::Below),
            default => $seen === StrapSeen::Below ? Truth::No : Truth::Unknown,
        };
    }
}
