<?php

declare(strict_types=1);

namespace Tests\Core\Second;

/** What is computed beside the findings: the case format's "Output". */
final class ComputedReading extends Fit
{
    use Ways;

    private const MOST_PROTECTIVE_FIRST = [...self::HARNESS, ...self::BOOSTERS];

    public function says(): array
    {
        if ($this->mode === 'belt_only') {
            return ['age_months' => $this->age === null ? null : (string) $this->age];
        }
        $says = [
            'age_months' => $this->age === null ? null : (string) $this->age,
            'best_mode' => $this->best(),
            'harness_slot' => $this->slotForTheShoulder(),
        ];
        foreach (self::MOST_PROTECTIVE_FIRST as $mode) {
            $says["fits {$mode}"] = in_array($mode, $this->modes(), true) ? self::word($this->fits($mode)) : null;
        }
        foreach ($this->place === null || ! ($this->isHarness() || $this->isBooster()) ? [] : $this->ways($this->place) as $way => $works) {
            $says["works {$way}"] = self::word($works);
        }

        return $says;
    }

    public static function word(bool|string|null $known): string
    {
        return is_string($known) ? $known : match ($known) {
            true => 'yes',
            false => 'no',
            null => 'unknown',
        };
    }

    /** The first that fits, with no undecided better one. */
    private function best(): ?string
    {
        foreach (array_intersect(self::MOST_PROTECTIVE_FIRST, $this->modes()) as $mode) {
            $fits = $this->fits($mode);
            if ($fits !== false) {
                return $fits === true ? $mode : ($fits === null ? null : self::OPEN);
            }
        }

        // The belt alone may fit where its points were looked at.
        return $this->get('setup.belt_fit') === null ? null : self::OPEN;
    }

    private function slotForTheShoulder(): ?string
    {
        if ($this->mode === null || ! $this->isHarness() || ! in_array($this->mode, $this->modes(), true)) {
            return $this->isHarness() ? self::OPEN : null;
        }
        if ($this->strapRule($this->mode) === null) {
            return self::OPEN;
        }
        $slot = $this->rightSlot($this->mode);

        return $slot === null ? null : (string) $slot;
    }
}
