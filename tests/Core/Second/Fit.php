<?php

declare(strict_types=1);

namespace Tests\Core\Second;

use Brick\Math\BigRational;

/** Handbook section 5, "A mode fits when", and the case format's "Modes" and "Limits". */
abstract class Fit extends Reading
{
    private const LIMITS = [
        'weight_min' => ['child.weight', false], 'weight_max' => ['child.weight', true],
        'height_min' => ['child.height', false], 'height_max' => ['child.height', true],
        'age_min_months' => [null, false], 'age_max_months' => [null, true],
    ];

    /** @return list<string> of the seat */
    protected function modes(): array
    {
        $modes = $this->get('seat.modes');

        return is_array($modes) ? array_map(strval(...), array_keys($modes)) : [];
    }

    /** @return bool|null|self::OPEN null: not known */
    protected function fits(string $mode): bool|string|null
    {
        if ($this->wantsARule($mode)) {
            return self::OPEN;
        }
        $booster = in_array($mode, self::BOOSTERS, true);
        $ways = match (true) {
            // A seat that nothing holds yet may be judged by any way; a booster that nothing holds is held by the belt.
            $this->held === 'nothing' => $booster === $this->isBooster() ? ($booster ? ['belt'] : ['belt', 'lower_anchors']) : null,
            $this->held === null => ['belt', 'lower_anchors'],
            default => [$this->held],
        };
        if ($ways === null) {
            return $this->dependsOnHolding($mode) ? self::OPEN : $this->heldBy($mode, 'belt');
        }
        $answers = array_map(fn(string $held): ?bool => $this->heldBy($mode, $held), $ways);

        return in_array(true, $answers, true) ? true : (in_array(null, $answers, true) ? null : false);
    }

    /** Where neither seat nor label says where the straps belong, the words do not either. */
    protected function wantsARule(string $mode): bool
    {
        return in_array($mode, self::HARNESS, true) && $this->strapRule($mode) === null
            && ($this->listed('seat.slots') ?? []) !== [] && $this->get('child.shoulder_height') !== null;
    }

    protected function dependsOnHolding(string $mode): bool
    {
        return str_contains(json_encode($this->get("seat.modes.{$mode}"), JSON_THROW_ON_ERROR), 'held_by');
    }

    private function heldBy(string $mode, string $held): ?bool
    {
        $broken = [...$this->limits($mode, $held), $this->floor($mode), $this->head($mode)];
        $rules = $this->get("seat.modes.{$mode}");
        foreach (['weight_max', 'height_max'] as $needed) {
            $broken[] = in_array(null, $this->worlds(self::in($rules, $needed), true, $held), true) ? null : false;
        }

        return in_array(true, $broken, true) ? false : (in_array(null, $broken, true) ? null : true);
    }

    /** @return list<bool|null> whether each is broken, the slots among them */
    protected function limits(string $mode, string $held): array
    {
        $rules = $this->get("seat.modes.{$mode}");
        $broken = [$this->slotsEnd($mode)];
        foreach (self::LIMITS as $name => [$path, $isMaximum]) {
            $value = $path === null ? ($this->age === null ? null : BigRational::of($this->age)) : $this->measured($path);
            $broken[] = $this->breaks($value, self::in($rules, $name), $isMaximum, $held);
        }

        return $broken;
    }

    /** No allowed slot on the right side of a known shoulder height. */
    private function slotsEnd(string $mode): bool
    {
        $shoulder = $this->measured('child.shoulder_height');
        $slots = $this->listed('seat.slots') ?? [];
        if (! in_array($mode, self::HARNESS, true) || $shoulder === null || $slots === [] || $this->strapRule($mode) === null) {
            return false;
        }

        return $this->rightSlot($mode) === null;
    }

    /** @return string|null at_or_below, at_or_above or level_to_25_above */
    protected function strapRule(string $mode): ?string
    {
        $rear = $mode === 'rear_harness';

        return $this->text($rear ? 'seat.strap_rule_rear' : 'seat.strap_rule_forward') ?? match ($this->convention()) {
            null => null,
            'asnzs1754' => 'level_to_25_above',
            default => $rear ? 'at_or_below' : 'at_or_above',
        };
    }

    /** By number, the lowest is 1; null: none is right. */
    protected function rightSlot(string $mode): ?int
    {
        $shoulder = $this->measured('child.shoulder_height');
        $forbidden = $this->listed("seat.modes.{$mode}.slots_forbidden") ?? [];
        $rule = $this->strapRule($mode);
        $right = null;
        foreach ($this->listed('seat.slots') ?? [] as $index => $slot) {
            $height = self::exact(self::in($slot, 'height'));
            if ($height === null || $shoulder === null || in_array($index + 1, $forbidden, true) || ! self::isRight($rule, $height->minus($shoulder))) {
                continue;
            }
            // The highest below, the lowest above.
            $right = $rule === 'at_or_below' || $right === null ? $index + 1 : $right;
        }

        return $right;
    }

    /** @param BigRational $above how far the strap leaves the seat above the shoulder, in mm */
    protected static function isRight(?string $rule, BigRational $above): bool
    {
        return match ($rule) {
            'at_or_below' => $above->isNegativeOrZero(),
            'at_or_above' => $above->isPositiveOrZero(),
            default => $above->isPositiveOrZero() && $above->isLessThanOrEqualTo(25),
        };
    }

    /** Whether the harness has a chest clip; null: neither seat nor label says. */
    protected function hasClip(): ?bool
    {
        $own = $this->get('seat.chest_clip');

        return is_bool($own) ? $own : match ($this->convention()) {
            null => null,
            'fmvss213' => true,
            default => false,
        };
    }

    /** @return bool|null whether a floor that nothing goes under is not reached */
    private function floor(string $mode): ?bool
    {
        if ($mode === 'rear_harness') {
            return false;
        }
        $under = [$this->younger(12), $this->underLawRear()];
        if (in_array($mode, self::BOOSTERS, true)) {
            $under[] = $this->underBoosterFloor();
        }

        return in_array(true, $under, true) ? true : (in_array(null, $under, true) ? null : false);
    }

    protected function younger(mixed $months): ?bool
    {
        return is_int($months) ? ($this->age === null ? null : $this->age < $months) : false;
    }

    protected function underLawRear(): ?bool
    {
        $young = $this->younger($this->get('law.rear_facing_until_months'));
        $weight = $this->measured('law.rear_facing_until_weight');
        $child = $this->measured('child.weight');
        $light = $weight === null ? false : $child?->isLessThan($weight);

        return $young === true || $light === true ? true : ($young === null || $light === null ? null : false);
    }

    /** The practice's age and weight, and the law's age. */
    protected function underBoosterFloor(): ?bool
    {
        $under = [$this->younger(48), $this->younger($this->get('law.booster_from_months'))];
        if ($this->practice === 'us') {
            $under[] = $this->measured('child.weight')?->isLessThan(BigRational::of('18.1436948'));
        }

        return in_array(true, $under, true) ? true : (in_array(null, $under, true) ? null : false);
    }

    /** Head room, ears and markers, of the mode in use alone. */
    protected function head(string $mode): ?bool
    {
        if ($mode !== $this->mode) {
            return false;
        }
        $broken = [match ($mode) {
            'rear_harness' => $this->headRoomLacks(),
            'forward_harness' => $this->get('setup.ears_above'),
            default => false,
        }];
        if ($this->ofMode('shoulder_markers') === true) {
            $marker = $this->text('setup.marker');
            $broken[] = $marker === null ? null : $marker !== 'in';
        }

        return in_array(true, $broken, true) ? true : (in_array(null, $broken, true) ? null : false);
    }

    protected function headRoomLacks(): ?bool
    {
        $room = $this->measured('setup.head_to_shell_top');
        $own = $this->ofMode('head_clearance_min');

        return $own === null ? $room?->isLessThan(BigRational::of('25.4')) : $this->breaks($room, $own, false, $this->held);
    }
}
