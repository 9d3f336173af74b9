<?php

declare(strict_types=1);

namespace Tests\Core\Second;

use Brick\Math\BigRational;

/** Handbook section 9: the child buckled in; and section 10's signatures. */
final class BuckleReading extends Fit
{
    public function says(): array
    {
        return [...($this->isHarness() ? $this->harness() : []), ...($this->isBooster() ? $this->booster() : []), ...$this->handover()];
    }

    /** @return array<string, string|null> */
    private function harness(): array
    {
        $at = 'setup.harness.';
        $clip = $this->text("{$at}clip");
        $passes = $this->get("{$at}tightness.passes");
        $done = $this->text("{$at}tightness.test");

        return [
            'harness.not_buckled' => $this->fault("{$at}buckled", false),
            'harness.height' => $this->height(),
            'harness.height_far' => $this->farther(),
            'harness.slack' => $passes === false ? 'fix' : null,
            'harness.wrong_test' => $this->wrongTest($passes, $done),
            'harness.hip_slack' => $this->fault("{$at}hips_snug", false),
            'harness.too_tight' => $this->fault("{$at}too_tight"),
            'harness.twist' => $this->fault("{$at}twisted"),
            'harness.clip' => in_array($clip, ['high', 'low'], true) || ($clip === 'none' && $this->hasClip() === true) ? 'fix' : null,
            'harness.crotch' => $this->crotch(),
            'harness.slouch' => $this->fault("{$at}slouch"),
            'harness.coat' => $this->fault("{$at}coat"),
            'harness.padding' => $this->fault("{$at}padding"),
            'harness.head_support' => $this->fault("{$at}head_support_ok", false),
            'harness.tail' => $this->get("{$at}tail_loose") === true ? 'advise' : null,
        ];
    }

    /** Where neither seat nor label says which test is the seat's, the words do not either. */
    private function wrongTest(mixed $passes, ?string $done): ?string
    {
        return match (true) {
            $passes !== true || $done === null => null,
            $this->ownTest() === null => self::OPEN,
            default => $done === $this->ownTest() ? null : 'ask',
        };
    }

    private function ownTest(): ?string
    {
        return $this->text('seat.tightness_test') ?? match ($this->convention()) {
            null => null,
            'fmvss213' => 'pinch',
            default => 'finger',
        };
    }

    /** The slot in use, from the lowest; null where there is none or it is not known. */
    private function slot(): ?int
    {
        $slot = $this->get('setup.harness.slot');

        return is_int($slot) ? $slot : null;
    }

    /**
     * How far above the shoulder the strap leaves the seat, in mm; OPEN where what was measured is more than 25 mm from what the slot tells.
     */
    private function offset(): BigRational|string|null
    {
        $measured = $this->measured('setup.harness.strap_offset');
        $shoulder = $this->measured('child.shoulder_height');
        $height = self::exact(self::in(($this->listed('seat.slots') ?? [])[($this->slot() ?? 0) - 1] ?? null, 'height'));
        $told = $height === null || $shoulder === null ? null : $height->minus($shoulder);
        if ($measured !== null && $told !== null && $measured->minus($told)->abs()->isGreaterThan(25)) {
            return self::OPEN;
        }

        return $measured ?? $told;
    }

    private function height(): ?string
    {
        assert($this->mode !== null);
        $offset = $this->offset();
        $forbidden = $this->listed("seat.modes.{$this->mode}.slots_forbidden") ?? [];
        if ($offset === self::OPEN || ! in_array($this->mode, $this->modes(), true)) {
            return self::OPEN;
        }
        if ($this->slot() !== null && in_array($this->slot(), $forbidden, true) && $this->listed('seat.slots') !== []) {
            return 'fix';
        }
        $rule = $this->strapRule($this->mode);
        if ($rule === null) {
            return self::OPEN;
        }
        $seen = $this->text('setup.harness.strap');

        return match (true) {
            $offset instanceof BigRational => self::isRight($rule, $offset) ? null : 'fix',
            $rule === 'at_or_below' => $seen === 'above' ? 'fix' : null,
            default => $seen === 'below' ? 'fix' : null,
        };
    }

    /** On the right side, but another allowed slot is nearer the shoulder. */
    private function farther(): ?string
    {
        assert($this->mode !== null);
        $rule = $this->strapRule($this->mode);
        $shoulder = $this->measured('child.shoulder_height');
        if ($rule === null || $this->measured('setup.harness.strap_offset') !== null || ! in_array($this->mode, $this->modes(), true)) {
            return self::OPEN;
        }
        $offset = $this->offset();
        if ($shoulder === null || ! $offset instanceof BigRational || ! self::isRight($rule, $offset) || $this->height() !== null) {
            return null;
        }

        return $this->rightSlot($this->mode) === $this->slot() ? null : 'fix';
    }

    /** Under the child, not the nearest allowed one that is clear, or one that the mode forbids. */
    private function crotch(): ?string
    {
        $allowed = $this->ofMode('crotch_slots');
        $slot = $this->get('setup.harness.crotch.slot');

        return $this->get('setup.harness.crotch.under_child') === true
            || $this->get('setup.harness.crotch.nearest_clear') === false
            || (is_array($allowed) && is_int($slot) && ! in_array($slot, $allowed, true)) ? 'fix' : null;
    }

    /** @return array<string, string|null> */
    private function booster(): array
    {
        $at = 'setup.booster.';
        $shoulder = $this->text("{$at}shoulder");

        return [
            'booster.lap' => $this->fault("{$at}lap", 'belly'),
            'booster.shoulder' => in_array($shoulder, ['neck', 'off_shoulder'], true) ? 'fix' : null,
            'booster.under_arm' => $this->fault("{$at}under_arm"),
            'booster.guides' => $this->get("{$at}guides_ok") === false || ($this->listed("{$at}guides_missed") ?? []) !== [] ? 'fix' : null,
            'booster.slouch' => $this->fault("{$at}slouch"),
            'booster.slack' => $this->fault("{$at}slack"),
            'booster.head_support' => $this->mode === 'high_back_booster' ? $this->fault("{$at}head_support_ok", false) : null,
            'booster.head' => $this->fault("{$at}ears_above"),
            'booster.belt_locked' => $this->get("{$at}belt_locked") === true ? 'advise' : null,
            'booster.lap_only' => $this->get('setup.booster') !== null && $this->here('belt') === 'lap' ? 'fix' : null,
        ];
    }

    /** @return array<string, string|null> */
    private function handover(): array
    {
        $given = $this->get('handover') !== null;
        $wanted = $this->get('policy.second_signer') === true;
        [$first, $second] = [$this->text('handover.technician.id'), $this->text('handover.checker.id')];
        $signers = ['technician', ...($second === null ? [] : ['checker'])];
        $untils = array_map(fn(string $who): ?string => $this->text("handover.{$who}.certified_until"), $signers);
        $ended = array_filter($untils, fn(?string $until): bool => $until !== null && $until < $this->text('today'));

        return [
            'handover.not_shown_back' => $given && $this->get('handover.shown_back') !== true ? 'ask' : null,
            'handover.unsigned' => $given && $wanted && ($first === null || $second === null) ? 'ask' : null,
            'handover.checker_same' => $wanted && $first !== null && $first === $second ? 'fix' : null,
            'handover.certification' => match (true) {
                ! $given => null,
                $ended !== [] => in_array(null, $untils, true) ? 'fix+ask' : 'fix',
                default => in_array(null, $untils, true) ? 'ask' : null,
            },
        ];
    }
}
