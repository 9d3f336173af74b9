<?php

declare(strict_types=1);

namespace Tests\Core\Second;

/** Handbook section 5: the child and the seat's modes. */
final class ChildReading extends Fit
{
    public function says(): array
    {
        if ($this->mode === null || $this->mode === 'belt_only') {
            return [];
        }
        $offered = in_array($this->mode, $this->modes(), true);

        return [
            'mode.not_offered' => $this->modes() === [] || $offered ? null : ($this->anotherFits() ?? self::OPEN),
            'mode.limits_unknown' => $offered ? $this->limitsUnknown() : null,
            'mode.under_one_forward' => $this->mode !== 'rear_harness' && $this->younger(12) === true ? $this->unlessRearFits() : null,
            'mode.law_rear' => $this->mode !== 'rear_harness' && $this->underLawRear() === true ? $this->unlessRearFits() : null,
            'mode.forward_early' => $this->forwardEarly($offered),
            'mode.outside_limits' => $offered && $this->isOutside($this->mode) ? $this->outside() : $this->maybeOutside($offered),
            'fit.head_rear' => $offered && $this->mode === 'rear_harness' && $this->headRoomLacks() === true ? $this->outside() : null,
            'fit.head_forward' => $offered && $this->mode === 'forward_harness' && $this->get('setup.ears_above') === true ? $this->outside() : null,
            'fit.shoulder_marker' => $offered && $this->ofMode('shoulder_markers') === true && in_array($this->text('setup.marker'), ['above', 'below'], true)
                ? $this->outside()
                : null,
            'mode.booster_early' => $this->isBooster() && $this->underBoosterFloor() === true ? $this->unlessAHarnessFits() : null,
            'mode.booster_could_harness' => $this->advisedOver('forward_harness', $this->isBooster()),
            'mode.back_off_early' => $this->mode === 'backless_booster' ? $this->adviseIfFits('high_back_booster') : null,
            'child.specialist' => $this->get('child.special_needs') === true ? 'advise' : null,
        ];
    }

    /** Whatever it is held by, where that is not known or nothing does. */
    private function isOutside(string $mode): bool
    {
        $ways = $this->held === null || $this->held === 'nothing' ? ['belt', 'lower_anchors'] : [$this->held];

        return array_filter($ways, fn(string $held): bool => ! in_array(true, $this->limits($mode, $held), true)) === [];
    }

    /** Where nothing holds the seat, or nobody knows what does, a limit for one way of holding says nothing yet. */
    private function maybeOutside(bool $offered): ?string
    {
        return $offered && $this->mode !== null && ($this->dependsOnHolding($this->mode) || $this->wantsARule($this->mode)) ? self::OPEN : null;
    }

    /** Fix where another mode of this seat is known to fit. */
    private function anotherFits(): ?string
    {
        $open = false;
        foreach ($this->modes() as $mode) {
            $fits = $mode === $this->mode ? false : $this->fits($mode);
            if ($fits === true) {
                return 'fix';
            }
            $open = $open || $fits === self::OPEN;
        }

        return $open ? null : 'stop';
    }

    /** The same, or where it may be held otherwise here. */
    private function outside(): string
    {
        return $this->mode !== null && $this->dependsOnHolding($this->mode) ? self::FIX_OR_STOP : ($this->anotherFits() ?? self::FIX_OR_STOP);
    }

    private function unlessRearFits(): string
    {
        $fits = in_array('rear_harness', $this->modes(), true) ? $this->fits('rear_harness') : false;

        return $fits === self::OPEN ? self::FIX_OR_STOP : ($fits === true ? 'fix' : 'stop');
    }

    private function unlessAHarnessFits(): string
    {
        $fits = array_map($this->fits(...), array_intersect(self::HARNESS, $this->modes()));

        return in_array(true, $fits, true) ? 'fix' : (in_array(self::OPEN, $fits, true) ? self::FIX_OR_STOP : 'stop');
    }

    private function forwardEarly(bool $offered): ?string
    {
        if ($this->mode !== 'forward_harness' || $this->younger(12) === true || $this->underLawRear() === true) {
            return null;
        }

        return $offered ? $this->adviseIfFits('rear_harness') : self::OPEN;
    }

    private function adviseIfFits(string $mode): ?string
    {
        $fits = in_array($mode, $this->modes(), true) ? $this->fits($mode) : false;

        return $fits === self::OPEN ? self::OPEN : ($fits === true ? 'advise' : null);
    }

    private function advisedOver(string $mode, bool $applies): ?string
    {
        return match (true) {
            ! $applies || $this->underBoosterFloor() === true => null,
            $this->underBoosterFloor() === null => self::OPEN,
            default => $this->adviseIfFits($mode),
        };
    }

    /** A mode that lacks a maximum weight or height of its own. */
    private function limitsUnknown(): ?string
    {
        $lacks = [];
        foreach (['weight_max', 'height_max'] as $needed) {
            $figure = $this->figure($this->ofMode($needed), true);
            $lacks[] = $figure === self::OPEN ? self::OPEN : ($figure === null ? 'ask' : null);
        }

        return in_array('ask', $lacks, true) ? 'ask' : ($lacks[0] ?? $lacks[1]);
    }
}
