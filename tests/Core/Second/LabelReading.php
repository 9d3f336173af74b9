<?php

declare(strict_types=1);

namespace Tests\Core\Second;

use DateTimeImmutable;

/** Handbook sections 3 and 4: the label, and what happened to the seat. Campaigns are read a second time elsewhere. */
final class LabelReading extends Reading
{
    private const ESSENTIAL_POINTS = ['drove_away', 'near_door_sound', 'nobody_hurt', 'no_airbag', 'seat_sound'];

    public function says(): array
    {
        if ($this->mode === 'belt_only') {
            return [];
        }
        $end = $this->firstDayOfNoMoreUse();
        $today = $this->text('today') ?? '';
        $left = $end === null ? null : (int) (new DateTimeImmutable($today))->diff(new DateTimeImmutable($end))->format('%r%a');

        return [
            'label.unreadable' => $this->fault('seat.label_readable', false) === null ? null : 'stop',
            'label.standard' => $this->standard(),
            'expiry.passed' => $left !== null && $left <= 0 ? 'stop' : null,
            'expiry.soon' => $left !== null && $left >= 1 && $left <= 183 ? 'advise' : null,
            'expiry.unknown' => $end === null && $this->get('seat.label_readable') !== false ? 'ask' : ($end === null ? self::OPEN : null),
            'register.missing' => $this->get('seat.registered') === false ? 'advise' : null,
            'history.unknown' => $this->get('seat.history.known') === false ? 'stop' : null,
            'history.crash' => $this->crash(),
            'condition.altered' => $this->get('seat.history.altered') === true ? 'stop' : null,
            'condition.damage' => ($this->listed('seat.history.damage') ?? []) !== [] ? 'stop' : null,
        ];
    }

    /** None of those that the practice takes; which the label claims must be known. */
    private function standard(): ?string
    {
        $label = $this->words('seat.standards');

        return match (true) {
            $label === null => null,
            $label === [] => self::OPEN,
            default => array_intersect($label, $this->accepted()) === [] ? 'stop' : null,
        };
    }

    /** The earlier of a stamped end and a useful life. */
    private function firstDayOfNoMoreUse(): ?string
    {
        $stamp = self::days($this->text('seat.use_until'));
        $ends = $stamp === null ? [] : [self::dayAfter($stamp[1])];
        $made = self::days($this->text('seat.made_on'));
        $years = $this->get('seat.life_years');
        if ($made !== null && is_int($years)) {
            [$y, $m, $d] = array_map(intval(...), explode('-', $made[0]));
            // The anniversary itself; of a leap day's, the day before March.
            $ends[] = sprintf('%04d-%02d-%02d', $y + $years, $m, checkdate($m, $d, $y + $years) ? $d : 28);
        }
        sort($ends);

        return $ends[0] ?? null;
    }

    private static function dayAfter(string $day): string
    {
        return (new DateTimeImmutable($day))->modify('+1 day')->format('Y-m-d');
    }

    private function crash(): ?string
    {
        if ($this->get('seat.history.crash') !== true) {
            return null;
        }
        $strict = $this->practice !== 'us' || $this->text('policy.crash') !== 'minor_crash';
        $failed = array_filter(self::ESSENTIAL_POINTS, fn(string $point): bool => $this->get("seat.history.crash_points.{$point}") === false);

        return $strict || $this->text('seat.replace_after_crash') === 'any' || $failed !== [] ? 'stop' : null;
    }
}
