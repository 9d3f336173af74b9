<?php

declare(strict_types=1);

namespace Tests\Core\Second;

use Brick\Math\BigRational;

/** Handbook section 7 and the case format's "Holding": what holds the seat, and how the belt is locked. */
final class SecureReading extends Reading
{
    use Ways;

    /** The day from which the practice's combined weight counts where no figure is printed. */
    private const COMBINED_FROM = '2014-02-27';

    public function says(): array
    {
        if ($this->mode === null || $this->mode === 'belt_only') {
            return [];
        }
        $rear = $this->mode === 'rear_harness';
        $harness = $this->isHarness();
        $byBelt = ! $harness || in_array($this->held, ['belt', 'both'], true);
        $anchored = in_array($this->held, ['lower_anchors', 'both'], true);
        $path = $this->text('setup.belt_path');
        $claimed = $this->listed('setup.lock');

        return [
            'secure.nothing' => $harness && $this->held === 'nothing' ? 'fix' : null,
            'secure.both' => $harness && $this->held === 'both' ? $this->bothTogether() : null,
            'secure.booster_anchor_not_allowed' => $this->isBooster() && $anchored && $this->ofMode('anchors_allowed') === false ? 'fix' : null,
            'secure.wrong_path' => $harness && $this->held !== 'nothing' && $path !== null && ($path === 'rear') !== $rear ? ($this->held === null ? self::OPEN : 'fix') : null,
            'secure.webbing_path' => $harness ? $this->webbing() : self::OPEN,
            'secure.belt_unlocked' => $harness && in_array($this->held, ['belt', 'both'], true) && $claimed !== null ? $this->unlocked($claimed) : null,
            'secure.double_lock' => $harness && $byBelt && $claimed !== null ? $this->doubleLock($claimed) : null,
            'secure.lockoff_wrong' => self::OPEN,
            'secure.clip_far' => $byBelt && $harness && in_array('clip', $claimed ?? [], true) ? $this->clipFar() : null,
            'secure.clip_prongs' => $byBelt && $harness && in_array('clip', $claimed ?? [], true) && is_int($this->get('setup.clip_prongs')) && $this->get('setup.clip_prongs') < 4 ? 'fix' : null,
            'secure.clip_with_lock' => $byBelt && $harness && $claimed !== null ? $this->clipWithLock($claimed) : null,
            'secure.twist' => $this->get('setup.twisted') === true ? ($harness && in_array($this->held, ['nothing', null], true) ? self::OPEN : 'fix') : null,
            'secure.buckle_turns' => $byBelt ? $this->turns() : self::OPEN,
            'secure.buckle_in_path' => $byBelt ? $this->fault('setup.buckle_in_path') : self::OPEN,
            'secure.inflatable_belt' => $byBelt && $this->here('inflatable_belt') === true && $this->get('seat.inflatable_belt_ok') === false ? 'fix' : null,
            'secure.door_open' => $this->doorOpen($byBelt),
            'secure.shell_unlocked' => $this->get('setup.shell_locked') === false ? ($this->text('setup.base') === 'none' ? null : 'fix') : null,
            'secure.baseless_not_allowed' => $this->isBooster() ? self::OPEN : ($this->text('setup.base') === 'none' && $this->text('seat.baseless') === 'forbidden' ? 'fix' : null),
            'secure.anchor_not_there' => $this->notThere($anchored),
            'secure.anchor_borrowed' => $harness && $anchored && $this->get('setup.anchors_borrowed') === true ? $this->leave('borrow_anchors_ok') : ($harness ? null : self::OPEN),
            'secure.anchor_overweight' => $harness && $anchored ? $this->overweight($rear) : null,
            'secure.hook_upside_down' => self::OPEN,
        ];
    }

    /** Only where both makers are known to allow it is it none; where one is not known it waits. */
    private function leave(string $field): ?string
    {
        $leave = [$this->get("seat.{$field}"), $this->get("vehicle.{$field}")];

        return in_array(false, $leave, true) ? 'fix' : null;
    }

    private function bothTogether(): ?string
    {
        return $this->leave('belt_and_anchors_ok');
    }

    private function webbing(): ?string
    {
        $seen = $this->text('setup.webbing');
        $baseless = $this->text('setup.base') === 'none' ? $this->text('seat.baseless_webbing') : null;
        $wanted = $baseless ?? $this->ofMode('webbing');
        if (! in_array($this->held, ['belt', 'both'], true)) {
            return $this->held === null ? self::OPEN : null;
        }

        return $seen !== null && $wanted !== null && $seen !== $wanted ? 'fix' : null;
    }

    /**
     * Only a lock that is claimed counts, and only where the hardware can do it.
     *
     * @param list<mixed> $claimed
     */
    private function unlocked(array $claimed): ?string
    {
        if ($this->place === null) {
            return $claimed === [] ? 'fix' : self::OPEN;
        }
        $works = array_map($this->works(...), array_filter($claimed, is_string(...)));

        return in_array(true, $works, true) ? null : (in_array(null, $works, true) ? null : 'fix');
    }

    private function works(string $lock): ?bool
    {
        if ($this->here('belt') === 'none') {
            return false;
        }
        [$belt, $retractor, $plate] = [$this->here('belt'), $this->here('retractor'), $this->here('latch_plate')];

        return match ($lock) {
            'retractor' => $retractor === null ? null : in_array($retractor, ['switchable', 'alr'], true),
            'latch_plate' => $plate === null ? null : in_array($plate, ['locking', 'switch'], true),
            'clip' => self::both(
                $belt === null ? null : $belt === 'lap_shoulder',
                $plate === null ? null : $plate === 'sliding',
                $retractor === null ? null : $retractor === 'elr'
                    || ($retractor === 'switchable' && ! in_array('retractor', $this->listed('setup.lock') ?? [], true)),
            ),
            'lockoff' => $this->ownLock('lockoff', $retractor),
            default => $this->ownLock('clamp_door', $retractor),
        };
    }

    private function ownLock(string $which, mixed $retractor): ?bool
    {
        $wish = $this->text('seat.lock_retractor_too');
        $on = $this->text('seat.lockoff_on');

        return self::both(
            $this->flag("seat.{$which}"),
            match ($wish) {
                'required' => $retractor === null ? null : in_array($retractor, ['switchable', 'alr'], true),
                'forbidden' => $retractor === null ? null : $retractor !== 'alr',
                default => true,
            },
            $this->text('setup.base') !== 'none' ? true : ($on === null ? null : in_array($on, ['shell', 'both'], true)),
        );
    }

    /**
     * Both where the maker forbids both, or only one where both are required, by a retractor that can lock.
     *
     * @param list<mixed> $claimed
     */
    private function doubleLock(array $claimed): ?string
    {
        $own = array_values(array_filter(['lockoff', 'clamp_door'], static fn(string $one): bool => in_array($one, $claimed, true)));
        $wish = $this->text('seat.lock_retractor_too');
        $retractor = $this->here('retractor');
        if ($wish === null || $retractor === null) {
            return null;
        }
        $canLock = in_array($retractor, ['switchable', 'alr'], true);
        // An always locking one locks whether it is claimed or not.
        $locked = in_array('retractor', $claimed, true);
        $has = array_map(fn(string $one): mixed => $this->get("seat.{$one}"), ['lockoff', 'clamp_door']);
        if ($retractor === 'alr' || in_array(null, $has, true) || $this->text('setup.base') === 'none') {
            return self::OPEN;
        }
        $ownOn = array_filter($own, fn(string $one): bool => $this->get("seat.{$one}") === true) !== [];
        if (! $canLock || ! in_array(true, $has, true)) {
            return null;
        }

        return match ($wish) {
            'forbidden' => $locked && $ownOn ? 'fix' : null,
            'required' => $ownOn !== $locked ? 'fix' : null,
            default => null,
        };
    }

    private function clipFar(): ?string
    {
        $distance = $this->measured('setup.clip_distance');
        $own = $this->get('seat.clip_distance_max');
        $usual = BigRational::of($this->practice === 'us' ? '25.4' : '10');
        $figure = $this->figure($own, true);
        if ($distance === null || $figure === self::OPEN) {
            return $distance === null ? null : self::OPEN;
        }
        $limit = is_array($figure) ? $figure[0] : $usual;

        return $distance->isGreaterThan($limit) ? 'fix' : null;
    }

    /** @param list<mixed> $claimed */
    private function clipWithLock(array $claimed): ?string
    {
        $both = in_array('clip', $claimed, true) && in_array('retractor', $claimed, true);
        $retractor = $this->here('retractor');

        return ! $both || $retractor === null ? null : (in_array($retractor, ['switchable', 'alr'], true) ? 'fix' : null);
    }

    private function turns(): ?string
    {
        $turns = $this->get('setup.buckle_turns');
        if (! is_int($turns) && ! is_float($turns)) {
            return null;
        }

        return $turns > 3 || ($turns > 0 && $this->get('vehicle.buckle_turns_ok') === false) ? 'fix' : null;
    }

    /** Open while anything holds by belt; never on a seat known to have none. */
    private function doorOpen(bool $byBelt): ?string
    {
        if ($this->get('setup.clamp_door_closed') !== false || $this->get('seat.clamp_door') === false) {
            return null;
        }

        return $byBelt ? 'fix' : ($this->held === null ? self::OPEN : null);
    }

    private function notThere(bool $anchored): ?string
    {
        $tether = $this->isHarness() && $this->get('setup.tether.used') === true
            && ($this->get('setup.tether.anchor_designated') === false || $this->here('tether_anchor') === false);
        if ($this->isBooster()) {
            return self::OPEN;
        }
        $bars = $anchored && ($this->get('setup.anchor_designated') === false
            || ($this->here('lower_anchors') === false && $this->get('setup.anchors_borrowed') !== true));

        return $bars || $tether ? 'fix' : ($anchored && $this->here('lower_anchors') === false ? self::OPEN : null);
    }

    /** The seat's figure, the vehicle's, or, where none is printed, the practice's together with the seat. */
    private function overweight(bool $rear): ?string
    {
        $child = $this->measured('child.weight');
        $figures = [$this->figure($this->get('seat.lower_anchor_child_max'), true), $this->figure($this->get('vehicle.lower_anchor_child_max'), true)];
        if ($child === null || in_array(self::OPEN, $figures, true)) {
            return $child === null ? null : self::OPEN;
        }
        [$own, $cars] = $figures;
        foreach ([$own, $cars] as $figure) {
            if (is_array($figure) && $child->isGreaterThan($figure[0])) {
                return 'fix';
            }
        }
        $made = self::days($this->text('seat.made_on'));
        $seat = $this->measured('seat.weight');
        if (is_array($own) || $this->practice !== 'us' || $made === null || $made[0] < self::COMBINED_FROM || $seat === null) {
            return null;
        }
        $together = BigRational::of($rear ? 60 : 65)->multipliedBy('0.45359237');

        return $child->plus($seat)->isGreaterThan($together) ? 'fix' : null;
    }
}
