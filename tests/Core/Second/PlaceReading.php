<?php

declare(strict_types=1);

namespace Tests\Core\Second;

/** Handbook section 6, and the front row of section 5. */
final class PlaceReading extends Reading
{
    use Ways;

    private const THIRTEEN_YEARS = 156;

    public function says(): array
    {
        if ($this->place === null || $this->mode === null) {
            return [];
        }
        $sideFacing = $this->here('side_facing') === true ? 'stop' : null;
        $noBelt = $this->here('belt') === 'none' ? 'fix' : null;
        if ($this->mode === 'belt_only') {
            return ['place.side_facing' => $sideFacing, 'place.no_belt' => $noBelt, 'mode.front_row_under_13' => $this->frontRow()];
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
            'place.airbag' => $rear && $this->here('airbag') === true ? ($this->isFreeElsewhere() ? 'fix' : 'stop') : null,
            'place.airbag_forward' => ! $rear && $this->here('airbag') === true ? ($this->isFreeElsewhere(inTheBack: true) ? 'fix' : 'advise') : null,
            'place.no_tether_anchor' => $this->here('tether_anchor') === false ? $this->noTetherAnchor() : null,
            'mode.front_row_under_13' => $this->frontRow(),
        ];
    }

    /** No bars, and a belt that the finder knows no way to lock. */
    private function nothingCanHold(): ?string
    {
        return $this->holds($this->place) === false ? 'fix' : null;
    }

    private function noTetherAnchor(): ?string
    {
        $demanded = $this->demandsTether();
        $shouldHave = $this->mode === 'forward_harness' || $demanded !== false;

        return match (true) {
            ! $this->isHarness() || ! $shouldHave || $demanded === null => null,
            $this->isFreeElsewhere(withTetherAnchor: true) => 'fix',
            default => $demanded ? 'stop' : 'advise',
        };
    }

    private function frontRow(): ?string
    {
        $law = $this->get('law.back_row_until_months');

        return match (true) {
            ! str_starts_with($this->text('setup.position') ?? '', '1') || $this->age === null => null,
            is_int($law) && $this->age < $law => 'fix',
            $this->age < self::THIRTEEN_YEARS => $this->isFreeElsewhere(inTheBack: true) ? 'fix' : 'advise',
            default => null,
        };
    }
}
