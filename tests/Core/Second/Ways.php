<?php

declare(strict_types=1);

namespace Tests\Core\Second;

/** Handbook section 7, "How the belt is locked", and the case format's "A free place". Null: not to be told from what is known. */
trait Ways
{
    private static function both(?bool ...$needed): ?bool
    {
        return in_array(false, $needed, true) ? false : (in_array(null, $needed, true) ? null : true);
    }

    private static function either(?bool ...$ways): ?bool
    {
        return in_array(true, $ways, true) ? true : (in_array(null, $ways, true) ? null : false);
    }

    /** @param list<string> $good */
    private static function isOneOf(mixed $seen, array $good): ?bool
    {
        return $seen === null ? null : in_array($seen, $good, true);
    }

    /**
     * What works at a place, whatever is claimed.
     *
     * @return array{lockoff: bool|null, latch_plate: bool|null, retractor: bool|null, clip: bool|null}
     */
    private function ways(mixed $place): array
    {
        [$belt, $retractor, $plate] = [self::in($place, 'belt'), self::in($place, 'retractor'), self::in($place, 'latch_plate')];
        $any = self::isOneOf($belt, ['lap_shoulder', 'lap']);
        $locks = self::isOneOf($retractor, ['switchable', 'alr']);
        $own = self::either($this->flag('seat.lockoff'), $this->flag('seat.clamp_door'));

        return [
            'lockoff' => self::both(
                $any,
                $own,
                match ($this->text('seat.lock_retractor_too')) {
                    'required' => $locks,
                    'forbidden' => $retractor === null ? null : $retractor !== 'alr',
                    default => true,
                },
                $this->text('setup.base') !== 'none' ? true : self::isOneOf($this->text('seat.lockoff_on'), ['shell', 'both']),
            ),
            'latch_plate' => self::both($any, self::isOneOf($plate, ['locking', 'switch'])),
            'retractor' => self::both($any, $locks),
            'clip' => self::both(
                self::isOneOf($belt, ['lap_shoulder']),
                self::isOneOf($plate, ['sliding']),
                self::isOneOf($retractor, ['elr', 'switchable']),
                $own === null ? null : ! $own,
            ),
        ];
    }

    /** Whether something there can hold this rider. */
    private function holds(mixed $place): ?bool
    {
        $belt = self::in($place, 'belt');
        if (! $this->isHarness()) {
            return self::isOneOf($belt, $this->isBooster() ? ['lap_shoulder'] : ['lap_shoulder', 'lap']);
        }
        $bars = self::in($place, 'lower_anchors');

        return self::either(is_bool($bars) ? $bars : null, ...array_values($this->ways($place)));
    }

    /** Whether the seat, its label's standard or the practice demands a tether. */
    private function demandsTether(): ?bool
    {
        if ($this->mode === 'forward_harness') {
            return $this->practice !== 'us' ? true : $this->flag('seat.tether_forward_required');
        }
        $wish = $this->text('seat.tether_rear');
        $always = $this->convention() === 'asnzs1754';

        return $this->mode !== 'rear_harness' ? false : match ($wish) {
            'required' => true,
            'forbidden' => false,
            'allowed' => $always,
            default => $always ? true : null,
        };
    }

    /** Another place that the same rider could take: what holds, which way it faces and a demanded tether anchor are known to be good. */
    private function isFreeElsewhere(bool $inTheBack = false, bool $withTetherAnchor = false): bool
    {
        foreach ($this->listed('vehicle.positions') ?? [] as $place) {
            $name = self::in($place, 'name');
            $isBack = is_string($name) && $name[0] !== '1';
            $needsAnchor = $withTetherAnchor || $this->demandsTether() !== false;
            if (
                $name !== $this->get('setup.position') && ($isBack || ! $inTheBack)
                && self::in($place, 'taken') !== true && self::in($place, 'airbag') !== true
                && self::in($place, 'side_facing') === false && $this->holds($place) === true
                && (! $needsAnchor || self::in($place, 'tether_anchor') === true)
            ) {
                return true;
            }
        }

        return false;
    }
}
