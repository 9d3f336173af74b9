<?php

declare(strict_types=1);

namespace Tests\Core\Second;

use Brick\Math\BigRational;
use stdClass;

/**
 * The handbook and the case format read a second time, from the words alone and with none of the core's classes: what each code must say of
 * a case as it stands in the file. What the words leave open, this reading leaves open too.
 */
abstract class Reading
{
    public const OPEN = 'open';

    /** Either severity, where what decides it is read elsewhere. */
    public const FIX_OR_STOP = 'fix|stop';

    protected const HARNESS = ['rear_harness', 'forward_harness'];

    protected const BOOSTERS = ['high_back_booster', 'backless_booster'];

    private const UNITS = [
        'mm' => '1', 'cm' => '10', 'in' => '25.4',
        'kg' => '1', 'g' => '0.001', 'lb' => '0.45359237', 'oz' => '0.028349523125',
        'deg' => '1',
    ];

    /** In the order in which each practice accepts them. */
    private const ACCEPTED = [
        'us' => ['fmvss213'],
        'nz' => ['asnzs1754', 'ecer44', 'ecer129', 'fmvss213'],
        'au' => ['asnzs1754'],
    ];

    private const KNOWN = ['fmvss213', 'asnzs1754', 'ecer44', 'ecer129'];

    protected readonly ?string $mode;

    protected readonly ?string $held;

    protected readonly string $practice;

    /** @var array<mixed>|null */
    protected readonly ?array $place;

    /** Completed months; null where no birth date is given. */
    protected readonly ?int $age;

    /** @var array<mixed> */
    private readonly array $case;

    final public function __construct(stdClass $case)
    {
        $this->case = (array) json_decode(json_encode($case, JSON_THROW_ON_ERROR), true, 64, JSON_THROW_ON_ERROR);
        $this->mode = $this->text('setup.mode');
        $this->held = $this->text('setup.held_by');
        $this->practice = $this->text('practice') ?? '';
        $this->place = array_values(array_filter(
            (array) $this->get('vehicle.positions'),
            fn(mixed $one): bool => is_array($one) && self::in($one, 'name') === $this->get('setup.position'),
        ))[0] ?? null;
        $born = $this->text('child.born_on');
        $this->age = $born === null ? null : self::months($born, $this->text('today') ?? '');
    }

    /** @return array<string, string|null> severity by code; null: nothing is found; OPEN: this reading cannot tell */
    abstract public function says(): array;

    protected function isHarness(): bool
    {
        return in_array($this->mode, self::HARNESS, true);
    }

    protected function isBooster(): bool
    {
        return in_array($this->mode, self::BOOSTERS, true);
    }

    protected function get(string $path): mixed
    {
        $here = $this->case;
        foreach (explode('.', $path) as $part) {
            $here = self::in($here, $part);
        }

        return $here;
    }

    /** What something holds under a name; null where it holds nothing. */
    protected static function in(mixed $one, string $name): mixed
    {
        return is_array($one) ? $one[$name] ?? null : null;
    }

    protected function text(string $path): ?string
    {
        $value = $this->get($path);

        return is_string($value) ? $value : null;
    }

    protected function flag(string $path): ?bool
    {
        $value = $this->get($path);

        return is_bool($value) ? $value : null;
    }

    /** What the place where it rides says of itself. */
    protected function here(string $field): mixed
    {
        return self::in($this->place, $field);
    }

    /** A rule of the mode in use. */
    protected function ofMode(string $field): mixed
    {
        return $this->mode === null ? null : $this->get("seat.modes.{$this->mode}.{$field}");
    }

    /** @return list<mixed>|null null: unknown */
    protected function listed(string $path): ?array
    {
        $value = $this->get($path);

        return is_array($value) ? array_values($value) : null;
    }

    /** @return list<string>|null null: unknown */
    protected function words(string $path): ?array
    {
        $value = $this->listed($path);

        return $value === null ? null : array_values(array_filter($value, is_string(...)));
    }

    /** In mm, kg or degrees, exactly. */
    protected static function exact(mixed $quantity): ?BigRational
    {
        $value = is_array($quantity) ? self::in($quantity, 'value') : $quantity;
        if (! is_int($value) && ! is_float($value)) {
            return null;
        }
        $unit = self::in($quantity, 'unit');
        $factor = is_string($unit) ? self::UNITS[$unit] : '1';

        return BigRational::of((string) $value)->multipliedBy($factor);
    }

    protected function measured(string $path): ?BigRational
    {
        return self::exact($this->get($path));
    }

    /** A month is completed on the birth day's number, or, where there is none, on the 1st of the next. */
    protected static function months(string $from, string $to): int
    {
        [$y, $m, $d] = array_map(intval(...), explode('-', $from));
        [$year, $month, $day] = array_map(intval(...), explode('-', $to));

        return ($year - $y) * 12 + $month - $m - ($day < $d ? 1 : 0);
    }

    /** @return array{string, string}|null first and last day of a date that may be a month or a year */
    protected static function days(?string $partial): ?array
    {
        return match (strlen($partial ?? '')) {
            10 => [(string) $partial, (string) $partial],
            7 => ["{$partial}-01", date('Y-m-t', (int) strtotime("{$partial}-01"))],
            4 => ["{$partial}-01-01", "{$partial}-12-31"],
            default => null,
        };
    }

    /** Whose straps, test and clip the label calls for; null: nobody's. */
    protected function convention(): ?string
    {
        $label = $this->listed('seat.standards') ?? [];
        foreach (self::ACCEPTED[$this->practice] as $accepted) {
            if (in_array($accepted, $label, true)) {
                return $accepted;
            }
        }
        $known = array_values(array_filter($label, static fn(mixed $one): bool => in_array($one, self::KNOWN, true)))[0] ?? null;

        return is_string($known) ? $known : null;
    }

    /** @return list<string> what the practice takes on a label */
    protected function accepted(): array
    {
        return self::ACCEPTED[$this->practice];
    }

    /**
     * A figure in every world that the label leaves possible: one for each day on which the seat may have been made.
     *
     * @param mixed $figure a quantity, a number, or a list of entries with their conditions
     * @param bool $isMaximum of equally many conditions the strictest holds
     * @return non-empty-list<array{BigRational, bool}|null> value and whether it is itself out of bounds; null: none applies there
     */
    protected function worlds(mixed $figure, bool $isMaximum, ?string $held): array
    {
        if (! is_array($figure) || ! array_is_list($figure)) {
            $one = self::exact($figure);

            return [$one === null ? null : [$one, self::in($figure, 'below') === true]];
        }
        $possible = self::days($this->text('seat.made_on')) ?? ['0001-01-02', '9998-12-31'];
        $days = $possible;
        foreach ($figure as $entry) {
            foreach (['made_from' => '-1 day', 'made_to' => '+1 day'] as $end => $step) {
                $day = self::in($entry, $end);
                if (is_string($day)) {
                    array_push($days, $day, date('Y-m-d', (int) strtotime("{$day} {$step}")));
                }
            }
        }
        $days = array_unique(array_filter($days, static fn(string $day): bool => $day >= $possible[0] && $day <= $possible[1]));

        return array_values(array_map(static fn(string $day): ?array => self::onThatDay($figure, $day, $isMaximum, $held), $days)) ?: [null];
    }

    /**
     * @param list<mixed> $entries
     * @return array{BigRational, bool}|null
     */
    private static function onThatDay(array $entries, string $day, bool $isMaximum, ?string $held): ?array
    {
        $best = null;
        foreach ($entries as $entry) {
            [$from, $to, $for] = [self::in($entry, 'made_from'), self::in($entry, 'made_to'), self::in($entry, 'held_by')];
            $meets = ($from ?? '') <= $day && $day <= ($to ?? '9999') && ($for === null || $for === $held || ($held === 'both' && $for !== 'nothing'));
            $value = self::exact($entry);
            if (! $meets || $value === null) {
                continue;
            }
            $candidate = [(int) ($from !== null || $to !== null) + (int) ($for !== null), $value, self::in($entry, 'below') === true];
            if ($best === null || self::isBefore($candidate, $best, $isMaximum)) {
                $best = $candidate;
            }
        }

        return $best === null ? null : [$best[1], $best[2]];
    }

    /**
     * More conditions first, then the stricter.
     *
     * @param array{int, BigRational, bool} $a
     * @param array{int, BigRational, bool} $b
     */
    private static function isBefore(array $a, array $b, bool $isMaximum): bool
    {
        $order = $a[1]->compareTo($b[1]);

        return match (true) {
            $a[0] !== $b[0] => $a[0] > $b[0],
            $order !== 0 => $isMaximum ? $order < 0 : $order > 0,
            default => $a[2] && ! $b[2],
        };
    }

    /**
     * Whether a value breaks a limit. Which entry holds must be known, unless it breaks the limit whichever does.
     *
     * @return bool|null null: it depends, or the value is not known
     */
    protected function breaks(?BigRational $value, mixed $figure, bool $isMaximum, ?string $held): ?bool
    {
        $worlds = $this->worlds($figure, $isMaximum, $held);
        $broken = [];
        foreach ($worlds as $limit) {
            $order = $limit === null || $value === null ? null : $value->compareTo($limit[0]) * ($isMaximum ? 1 : -1);
            $broken[] = $order !== null && ($order > 0 || ($order === 0 && $limit[1]));
        }
        if (! in_array(false, $broken, true)) {
            return true;
        }

        return count(self::told($worlds)) > 1 || ($value === null && $worlds[0] !== null) ? null : false;
    }

    /**
     * @param non-empty-list<array{BigRational, bool}|null> $worlds
     * @return list<string> the figures that may hold
     */
    private static function told(array $worlds): array
    {
        return array_values(array_unique(array_map(static fn(?array $one): string => $one === null ? '' : "{$one[0]} " . ($one[1] ? 'below' : ''), $worlds)));
    }

    /**
     * The figure that holds, where it is the same whenever the seat was made.
     *
     * @return array{BigRational, bool}|self::OPEN|null null: none is given
     */
    protected function figure(mixed $figure, bool $isMaximum): array|string|null
    {
        $worlds = $this->worlds($figure, $isMaximum, $this->isBooster() && $this->held === 'nothing' ? 'belt' : $this->held);
        $told = self::told($worlds);
        $byHolding = is_array($figure) && array_filter($figure, static fn(mixed $one): bool => self::in($one, 'held_by') !== null) !== [];

        return count($told) > 1 || ($byHolding && ($this->held === null || ($this->held === 'nothing' && ! $this->isBooster()))) ? self::OPEN : $worlds[0];
    }

    /** A fault that is seen, whatever else is known. */
    protected function fault(string $path, mixed $wrong = true): ?string
    {
        return $this->get($path) === $wrong ? 'fix' : null;
    }
}
