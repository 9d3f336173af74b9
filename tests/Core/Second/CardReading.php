<?php

declare(strict_types=1);

namespace Tests\Core\Second;

/** The case format's "The installation card": which steps, in which order. */
final class CardReading extends Fit
{
    use Ways;

    private const LOCKED_BY = [
        'switchable' => ['turns?', 'buckle', 'slack', 'retractor_end', 'retractor_feed', 'weight', 'tighten'],
        'alr' => ['dead_zone', 'turns?', 'buckle', 'retractor_take_up', 'weight', 'tighten'],
        'locking' => ['turns?', 'buckle', 'weight', 'plate_pull'],
        'switch' => ['turns?', 'buckle', 'plate_switch', 'weight', 'tighten'],
        'lockoff' => ['draw_little', 'turns?', 'buckle', 'slack', 'weight', 'tighten', 'close_lockoff'],
        'clamp_door' => ['draw_little', 'turns?', 'buckle', 'slack', 'weight', 'tighten', 'close_door'],
        'clip' => ['turns?', 'buckle', 'length?', 'weight', 'tighten', 'pinch', 'unbuckle', 'clip_on', 'retractor_free', 'rebuckle'],
    ];

    public function says(): array
    {
        $steps = $this->steps();

        return ['card' => is_array($steps) ? implode(' ', $steps) : $steps];
    }

    /** @return list<string>|string|null null: there is no card */
    private function steps(): array|string|null
    {
        if ($this->mode === 'belt_only') {
            return ['child_in', 'belt_child', 'belt_check'];
        }
        if ($this->mode === null || $this->place === null || ! in_array($this->mode, $this->modes(), true)) {
            return null;
        }
        $held = $this->heldSteps();
        $before = $this->before();
        if (in_array(self::OPEN, [$held, $before], true) || $this->tetherOnCard() === null || ($this->isHarness() && $this->hasClip() === null)) {
            return self::OPEN;
        }
        assert(is_array($held) && is_array($before));

        return $this->isBooster()
            ? [...array_diff($before, ['head_rest', 'open_path']), ...$this->boosterSteps()]
            : [...$before, ...$held, ...$this->after(), ...$this->child()];
    }

    /** @return list<string>|string */
    private function before(): array|string
    {
        $rear = $this->mode === 'rear_harness';
        $harness = $this->isHarness();
        $wedge = $rear && $this->get('seat.wedge_ok') === true;
        // Whether one is computed is read elsewhere.
        if ($wedge && ! in_array($this->text('setup.wedge'), ['noodle', 'towel'], true)) {
            return self::OPEN;
        }
        $insert = $this->insertOnCard();
        if ($harness && $insert === null) {
            return self::OPEN;
        }

        return $this->needed([
            'parts' => ($this->listed("seat.modes.{$this->mode}.parts_required") ?? []) !== [] || ($this->listed("seat.modes.{$this->mode}.parts_forbidden") ?? []) !== [],
            'slots' => $harness && $this->listed('seat.slots') !== [],
            'crotch' => $harness && ($this->listed("seat.modes.{$this->mode}.crotch_slots") ?? []) !== [],
            'insert' => $harness && $insert === true,
            'head_rest' => $harness,
            'recline' => $rear || ($this->listed("seat.modes.{$this->mode}.recline") ?? []) !== [],
            'foot' => $this->ofMode('foot') !== null,
            'vehicle_back' => ! $rear,
            'head_restraint' => $this->get('setup.head_restraint_pushes') === true || in_array($this->text('setup.head_restraint'), ['raised', 'removed'], true),
            'front_seat' => $rear,
            'wedge' => $wedge,
            'place_base' => $this->isOnABase(),
            'place_seat' => ! $this->isOnABase(),
            'open_path' => true,
        ]);
    }

    /**
     * @param array<string, bool> $steps
     * @return list<string>
     */
    private function needed(array $steps): array
    {
        return array_keys(array_filter($steps));
    }

    private function isOnABase(): bool
    {
        return $this->isHarness() && $this->get('seat.detachable') === true && $this->text('setup.base') !== 'none';
    }

    /** In use, or listed for this weight; null: the weight is not known. */
    private function insertOnCard(): ?bool
    {
        if ($this->text('setup.harness.insert') !== null) {
            return true;
        }
        $weight = $this->measured('child.weight');
        foreach ($this->listed('seat.inserts') ?? [] as $insert) {
            if ($weight === null) {
                return null;
            }
            if (
                $this->breaks($weight, self::in($insert, 'weight_min'), false, $this->held) === false
                && $this->breaks($weight, self::in($insert, 'weight_max'), true, $this->held) === false
            ) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string>|string */
    private function heldSteps(): array|string
    {
        if ($this->isBooster()) {
            return [];
        }
        $anchors = ['anchor_straps_long', 'hook_anchors', 'weight', 'tighten_anchors', 'prove'];
        $belt = fn(): array|string => is_array($lock = $this->lockSteps()) ? ['thread', ...$lock, 'prove'] : $lock;
        if ($this->held === 'lower_anchors') {
            return match ($this->here('belt')) {
                null => self::OPEN,
                'none' => $anchors,
                default => [...$anchors, 'store_belt'],
            };
        }
        $both = $this->held === 'both' && $this->get('seat.belt_and_anchors_ok') === true && $this->get('vehicle.belt_and_anchors_ok') === true;
        $steps = $belt();

        return ! $both || ! is_array($steps) ? $steps : [...$anchors, ...$steps];
    }

    /** @return list<string>|string */
    private function lockSteps(): array|string
    {
        $lock = $this->inUse();
        if ($lock === self::OPEN) {
            return self::OPEN;
        }
        [$retractor, $plate] = [$this->here('retractor'), $this->here('latch_plate')];
        $kind = match ($lock) {
            'retractor' => $retractor,
            'latch_plate' => $plate,
            default => $lock,
        };
        $turns = $this->get('setup.buckle_turns');
        $steps = [];
        foreach (self::LOCKED_BY[is_string($kind) ? $kind : ''] as $step) {
            if ($step === 'turns?') {
                $steps = is_numeric($turns) && $turns > 0 && $this->get('vehicle.buckle_turns_ok') === true ? [...$steps, 'buckle_turns'] : $steps;
            } elseif ($step === 'length?') {
                $steps = $retractor === 'switchable' ? [...$steps, 'retractor_length'] : $steps;
            } else {
                $steps[] = $step;
            }
        }
        if (in_array($lock, ['lockoff', 'clamp_door'], true) && $this->text('seat.lock_retractor_too') === 'required' && $retractor === 'switchable') {
            $close = (string) array_pop($steps);
            $steps = $this->text('seat.clamp_order') === 'retractor_first'
                ? [...$steps, 'retractor_end', 'retractor_feed', $close]
                : [...$steps, $close, 'retractor_end', 'retractor_feed'];
        }

        return $steps;
    }

    /** The lock that the card follows; OPEN where whether one works cannot be told, or where none is claimed that does. */
    private function inUse(): string
    {
        $claimed = $this->listed('setup.lock') ?? [];
        $ways = $this->ways($this->place);
        $works = [];
        foreach (['lockoff', 'clamp_door', 'latch_plate', 'retractor', 'clip'] as $lock) {
            if (! in_array($lock, $claimed, true)) {
                continue;
            }
            $works[$lock] = match ($lock) {
                'latch_plate', 'retractor' => $ways[$lock],
                'clip' => self::both(
                    self::isOneOf($this->here('belt'), ['lap_shoulder']),
                    self::isOneOf($this->here('latch_plate'), ['sliding']),
                    // Beside the retractor alone it is the clip: the retractor is set free.
                    self::isOneOf($this->here('retractor'), ['elr', 'switchable']),
                ),
                default => self::both($this->flag("seat.{$lock}"), $this->withOneLock()),
            };
        }
        if (in_array($this->held, [null, 'nothing'], true) || in_array(null, $works, true) || ! in_array(true, $works, true)) {
            return self::OPEN;
        }
        $working = array_keys(array_filter($works));
        if ($working === ['retractor', 'clip']) {
            return $claimed === ['retractor', 'clip'] || $claimed === ['clip', 'retractor'] ? 'clip' : self::OPEN;
        }
        // The retractor alone, where the seat's own wants it too.
        if ($working === ['retractor'] && $this->text('seat.lock_retractor_too') === 'required') {
            return $this->flag('seat.lockoff') === false && $this->flag('seat.clamp_door') === false ? 'retractor' : self::OPEN;
        }

        return $working[0] ?? self::OPEN;
    }

    /** Whether a lock on the seat could work here, whichever it is. */
    private function withOneLock(): ?bool
    {
        $retractor = $this->here('retractor');

        return self::both(
            self::isOneOf($this->here('belt'), ['lap_shoulder', 'lap']),
            match ($this->text('seat.lock_retractor_too')) {
                'required' => self::isOneOf($retractor, ['switchable', 'alr']),
                'forbidden' => $retractor === null ? null : $retractor !== 'alr',
                default => true,
            },
            $this->text('setup.base') !== 'none' ? true : self::isOneOf($this->text('seat.lockoff_on'), ['shell', 'both']),
        );
    }

    /** Called for or in use, not forbidden by its maker, and the place has an anchor; null: not to be told. */
    private function tetherOnCard(): ?bool
    {
        $used = $this->get('setup.tether.used') === true;
        $anchor = $this->here('tether_anchor') === true;
        if ($this->isBooster()) {
            return $used && $anchor && in_array($this->held, ['lower_anchors', 'both'], true) ? null : false;
        }
        $forbidden = $this->mode === 'rear_harness' && $this->text('seat.tether_rear') === 'forbidden';
        $called = $this->mode === 'forward_harness' ? true : $this->demandsTether();

        return $forbidden || ! $anchor ? false : ($used || $called === true ? true : ($called === null ? null : false));
    }

    /** @return list<string> */
    private function after(): array
    {
        $rear = $this->mode === 'rear_harness';
        $tether = $this->tetherOnCard() === true;

        return $this->needed([
            'click_shell' => $this->isOnABase(),
            'indicators' => $this->isOnABase(),
            'turn_lock' => $this->get('seat.turns') === true && $this->text('setup.base') !== 'none',
            'movement' => true,
            'level' => $rear,
            'tether_hook' => $tether,
            'tether_tighten' => $tether,
            'movement_again' => $tether,
            'level_again' => $tether && $rear,
            ...$this->finish(),
        ]);
    }

    /** @return array<string, bool> */
    private function finish(): array
    {
        return [
            'side_pod' => $this->text('seat.side_pod') !== null,
            'handle' => ($this->listed("seat.modes.{$this->mode}.handle_positions") ?? []) !== [],
            'close_covers' => true,
            'stow' => true,
        ];
    }

    /** @return list<string> */
    private function child(): array
    {
        return $this->needed(['child_in' => true, 'tongues' => true, 'hips' => true, 'harness_tighten' => true, 'chest_clip' => $this->hasClip() === true, 'strap_test' => true]);
    }

    /** @return list<string> */
    private function boosterSteps(): array
    {
        $anchors = in_array($this->held, ['lower_anchors', 'both'], true) && $this->ofMode('anchors_allowed') === true;

        return $this->needed([
            'booster_anchors' => $anchors,
            'tighten_anchors' => $anchors,
            'head_rest' => $this->mode === 'high_back_booster',
            ...$this->finish(),
            'child_in' => true,
            'lap_guides' => true,
            'shoulder_guide' => $this->mode === 'high_back_booster',
            'belt_child' => true,
            'belt_check' => true,
        ]);
    }
}
