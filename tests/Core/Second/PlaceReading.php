<?php

declare(strict_types=1);

namespace Tests\Core\Second;

/** Handbook section 6, as far as no free place is looked for. */
final class PlaceReading extends Reading
{
    public function says(): array
    {
        if ($this->place === null || $this->mode === null) {
            return [];
        }
        $sideFacing = $this->here('side_facing') === true ? 'stop' : null;
        $noBelt = $this->here('belt') === 'none' ? 'fix' : null;
        if ($this->mode === 'belt_only') {
            return ['place.side_facing' => $sideFacing, 'place.no_belt' => $noBelt];
        }
        $rear = $this->mode === 'rear_harness';
        $handles = $this->ofMode('handle_positions');
        $handle = $this->text('setup.handle');

        return [
            'place.side_facing' => $sideFacing,
            'place.taken' => $this->here('taken') === true ? 'fix' : null,
            'place.no_belt' => $this->isBooster() ? $noBelt : $this->nothingCanHold(),
            'place.booster_lap_only' => $this->isBooster() && $this->here('belt') === 'lap' ? 'fix' : null,
            'place.front_contact' => $rear ? $this->fault('setup.front_contact', 'pressed') : null,
            'place.handle' => is_array($handles) && $handle !== null && ! in_array($handle, $handles, true) ? 'fix' : null,
            'place.back_not_upright' => $rear ? null : $this->fault('setup.vehicle_back_upright', false),
            'place.gap_behind' => $this->mode === 'forward_harness' ? $this->fault('setup.touches_vehicle_back', false) : null,
            'place.head_restraint' => $this->fault('setup.head_restraint_pushes'),
            'place.airbag' => $rear && $this->here('airbag') === true ? self::FIX_OR_STOP : null,
            'place.airbag_forward' => ! $rear && $this->here('airbag') === true ? 'fix|advise' : null,
            'place.no_tether_anchor' => $this->isHarness() && $this->here('tether_anchor') === false ? self::OPEN : null,
        ];
    }

    /** No bars, and a belt that the finder knows no way to lock. */
    private function nothingCanHold(): ?string
    {
        $belt = $this->here('belt');
        if ($this->here('lower_anchors') !== false || $belt === null) {
            return $belt === null ? self::OPEN : null;
        }
        if ($belt === 'none') {
            return 'fix';
        }
        [$retractor, $plate] = [$this->here('retractor'), $this->here('latch_plate')];
        if (in_array($retractor, ['switchable', 'alr'], true) || in_array($plate, ['locking', 'switch'], true)) {
            return null;
        }
        $own = [$this->get('seat.lockoff'), $this->get('seat.clamp_door')];
        if (in_array(null, [$retractor, $plate, ...$own], true) || in_array(true, $own, true)) {
            return self::OPEN;
        }

        return $belt === 'lap_shoulder' && $retractor === 'elr' && $plate === 'sliding' ? null : 'fix';
    }
}
