<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use BackedEnum;
use Brick\Math\BigDecimal;
use InvalidArgumentException;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\Limit;
use MintBuckle\Core\Facts\LimitEntry;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\AngleUnit;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Quantity\MonthUnit;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Quantity\Unit;
use stdClass;

/**
 * One JSON object being read. Every reader takes a key and gives its value, or null when the fact is absent, null or wrong;
 * what is wrong is noted with its path. done() refuses the keys nobody asked for.
 */
final class Node
{
    private const MAX_LIST = 1000;

    private const MAX_TEXT = 2000;

    /** Keys and words of earlier exports that were renamed. */
    private const RENAMED = [
        'tension_door' => 'clamp_door',
        'tension_door_closed' => 'clamp_door_closed',
    ];

    /** @var array<string, true> */
    private array $known = [];

    public function __construct(private readonly stdClass $data, public readonly string $path, private readonly Problems $problems) {}

    /** Blank text says nothing and reads as unknown. */
    public function text(string $key): ?string
    {
        $value = $this->take($key);

        return $value === null || (is_string($value) && trim($value) === '') ? null : $this->asText($value, $this->at($key));
    }

    public function flag(string $key): ?bool
    {
        $value = $this->take($key);

        return $value === null || is_bool($value) ? $value : $this->wrong($key, 'must be true, false or null');
    }

    public function whole(string $key, int $min, int $max): ?int
    {
        $value = $this->take($key);

        return $value === null ? null : $this->asWhole($value, $this->at($key), $min, $max);
    }

    public function number(string $key, int $min, int $max): ?BigDecimal
    {
        $value = $this->take($key);
        if ($value === null) {
            return null;
        }
        $number = ExactNumber::from($value);

        return match (true) {
            $number === null => $this->wrong($key, 'must be a number'),
            $number->isLessThan($min) || $number->isGreaterThan($max) => $this->wrong($key, "must be {$min} to {$max}"),
            default => $number,
        };
    }

    public function months(string $key): ?Months
    {
        $value = $this->whole($key, 0, Bounds::MONTHS);

        return $value === null ? null : Months::of($value);
    }

    /** @param Length|null $max five metres unless given */
    public function length(string $key, ?Length $max = null): ?Length
    {
        $length = $this->quantity($key, LengthUnit::class);
        if (! $length instanceof Length) {
            return null;
        }

        return $this->within($key, $length, Length::of(0), $max ?? Bounds::length());
    }

    /** A length that may be negative, up to half a metre either way. */
    public function offset(string $key): ?Length
    {
        $length = $this->quantity($key, LengthUnit::class);

        return $length instanceof Length ? $this->within($key, $length, Length::of(-Bounds::OFFSET_MM), Length::of(Bounds::OFFSET_MM)) : null;
    }

    /** @param Mass|null $max three hundred kilograms unless given */
    public function mass(string $key, ?Mass $max = null): ?Mass
    {
        $mass = $this->quantity($key, MassUnit::class);

        return $mass instanceof Mass ? $this->within($key, $mass, Mass::of(0), $max ?? Bounds::mass()) : null;
    }

    public function angle(string $key): ?Angle
    {
        $angle = $this->quantity($key, AngleUnit::class);

        return $angle instanceof Angle ? $this->within($key, $angle, Angle::of(0), Angle::of(90)) : null;
    }

    public function date(string $key): ?CalendarDate
    {
        return $this->parsed($key, static fn(string $text): CalendarDate => CalendarDate::parse($text));
    }

    public function partialDate(string $key): ?PartialDate
    {
        return $this->parsed($key, static fn(string $text): PartialDate => PartialDate::parse($text));
    }

    /**
     * @template T of BackedEnum
     * @param class-string<T> $enum
     * @return T|null
     */
    public function choice(string $key, string $enum): ?BackedEnum
    {
        $value = $this->take($key);

        return $value === null ? null : $this->asChoice($value, $this->at($key), $enum);
    }

    /**
     * @template T of BackedEnum
     * @param class-string<T> $enum
     * @return list<T>|null
     */
    public function choices(string $key, string $enum): ?array
    {
        return $this->listOf($key, fn(mixed $value, string $path): ?BackedEnum => $this->asChoice($value, $path, $enum));
    }

    /** @return list<string>|null */
    public function texts(string $key): ?array
    {
        return $this->listOf($key, $this->asText(...));
    }

    /** @return list<int>|null */
    public function wholes(string $key, int $min, int $max): ?array
    {
        return $this->listOf($key, fn(mixed $value, string $path): ?int => $this->asWhole($value, $path, $min, $max));
    }

    /** The object at a key; an absent one reads as an object whose every fact is unknown. */
    public function section(string $key): self
    {
        return $this->object($key) ?? new self(new stdClass(), $this->at($key), $this->problems);
    }

    public function object(string $key): ?self
    {
        $value = $this->take($key);

        return match (true) {
            $value === null => null,
            $value instanceof stdClass => new self($value, $this->at($key), $this->problems),
            default => $this->wrong($key, 'must be an object'),
        };
    }

    /** @return list<self>|null */
    public function objects(string $key, int $max = self::MAX_LIST): ?array
    {
        return $this->listOf($key, function (mixed $value, string $path): ?self {
            if ($value instanceof stdClass) {
                return new self($value, $path, $this->problems);
            }
            $this->problems->add($path, 'must be an object');

            return null;
        }, $max);
    }

    /** @param class-string<Unit> $unit */
    public function limit(string $key, string $unit): ?Limit
    {
        $value = $this->data->{$key} ?? null;
        if (is_array($value)) {
            $entries = array_map(static fn(self $node): ?LimitEntry => $node->limitEntry($unit), $this->objects($key) ?? []);
            $known = array_values(array_filter($entries));

            return $known === [] ? ($value === [] ? $this->wrong($key, 'must hold at least one figure') : null) : new Limit($known);
        }
        if ($unit === MonthUnit::class && (is_int($value) || is_float($value))) {
            $months = $this->months($key);

            return $months === null ? null : new Limit([new LimitEntry($months)]);
        }
        $entry = $this->object($key)?->limitEntry($unit);

        return $entry === null ? null : new Limit([$entry]);
    }

    /** Refuses the keys that no reader took. */
    public function done(): void
    {
        foreach (array_keys(get_object_vars($this->data)) as $key) {
            if (! isset($this->known[$key])) {
                $now = self::RENAMED[$key] ?? null;
                $this->problems->add($this->at((string) $key), $now === null ? 'is not a key of this format' : "is called {$now} now; rename it and read the file again");
            }
        }
    }

    public function has(string $key): bool
    {
        return isset($this->data->{$key});
    }

    /** A place by row and side: 1L 1C 1R 2L 2C 2R 3L 3C 3R. */
    public function place(string $key): ?string
    {
        $value = $this->take($key);

        return $value === null || (is_string($value) && preg_match(SeatingPosition::NAME, $value) === 1)
            ? $value
            : $this->wrong($key, 'must be a row and a side: 1L 1C 1R 2L 2C 2R 3L 3C 3R');
    }

    /** Text that must be there; an absent one is noted and reads as ''. */
    public function required(string $key): string
    {
        $this->require($key);
        $text = $this->text($key);
        if ($text === null && is_string($this->data->{$key} ?? null)) {
            $this->wrong($key, 'must not be blank');
        }

        return $text ?? '';
    }

    public function require(string $key): void
    {
        if (! $this->has($key)) {
            $this->problems->add($this->at($key), 'is required');
        }
    }

    /** Notes what is wrong with a key's value; always null, so that a reader can end with it. */
    public function wrong(string $key, string $message): null
    {
        $this->problems->add($this->at($key), $message);

        return null;
    }

    private function at(string $key): string
    {
        return $this->path === '' ? $key : $this->path . '.' . $key;
    }

    private function take(string $key): mixed
    {
        $this->known[$key] = true;

        return $this->data->{$key} ?? null;
    }

    private function asText(mixed $value, string $path): ?string
    {
        if (is_string($value) && mb_strlen($value) <= self::MAX_TEXT && trim($value) !== '') {
            return $value;
        }
        $this->problems->add($path, is_string($value) ? 'must hold 1 to 2,000 characters' : 'must be text');

        return null;
    }

    private function asWhole(mixed $value, string $path, int $min, int $max): ?int
    {
        // 3.0 is as whole as 3: some programs write it so.
        $whole = is_float($value) && floor($value) === $value && abs($value) < PHP_INT_MAX ? (int) $value : $value;
        if (is_int($whole) && $whole >= $min && $whole <= $max) {
            return $whole;
        }
        $this->problems->add($path, "must be a whole number from {$min} to {$max}");

        return null;
    }

    /**
     * @template T of BackedEnum
     * @param class-string<T> $enum
     * @return T|null
     */
    private function asChoice(mixed $value, string $path, string $enum): ?BackedEnum
    {
        $choice = is_string($value) ? $enum::tryFrom($value) : null;
        if ($choice === null) {
            $old = is_string($value) ? $value : '';
            $now = self::RENAMED[$old] ?? null;
            $this->problems->add($path, $now !== null ? "{$old} is called {$now} now; rename it and read the file again" : 'must be one of ' . implode(', ', array_map(static fn(BackedEnum $case): string => (string) $case->value, $enum::cases())));
        }

        return $choice;
    }

    /**
     * @template T
     * @param callable(mixed, string): (T|null) $read
     * @return list<T>|null
     */
    private function listOf(string $key, callable $read, int $max = self::MAX_LIST): ?array
    {
        $values = $this->take($key);
        if ($values === null) {
            return null;
        }
        if (! is_array($values)) {
            return $this->wrong($key, 'must be a list');
        }
        if (count($values) > $max) {
            return $this->wrong($key, "must hold at most {$max} entries");
        }
        $items = [];
        foreach (array_values($values) as $index => $value) {
            $item = $read($value, $this->at($key) . '.' . $index);
            if ($item !== null) {
                $items[] = $item;
            }
        }

        return $items;
    }

    /**
     * @template T of object
     * @param callable(string): T $parse
     * @return T|null
     */
    private function parsed(string $key, callable $parse): ?object
    {
        $value = $this->take($key);
        $text = $value === null ? null : $this->asText($value, $this->at($key));
        if ($text === null) {
            return null;
        }
        try {
            $date = $parse($text);
        } catch (InvalidArgumentException $e) {
            return $this->wrong($key, $e->getMessage());
        }
        $year = (int) $text;

        return $year < Bounds::FIRST_YEAR || $year > Bounds::LAST_YEAR
            ? $this->wrong($key, sprintf('must lie in the years %d to %d', Bounds::FIRST_YEAR, Bounds::LAST_YEAR))
            : $date;
    }

    /** @param class-string<Unit> $units */
    private function quantity(string $key, string $units): ?Quantity
    {
        $node = $this->object($key);
        $quantity = $node?->amount($units);
        $node?->done();

        return $quantity;
    }

    /** @param class-string<Unit> $units */
    private function amount(string $units): ?Quantity
    {
        $number = ExactNumber::from($this->take('value'));
        $symbol = $this->take('unit');
        if ($number === null) {
            return $this->wrong('value', 'must be a number');
        }
        $unit = Bounds::unit($units, is_string($symbol) ? $symbol : '');
        if ($unit === null) {
            return $this->wrong('unit', 'must be one of ' . implode(', ', array_map(static fn(Unit $u): string => $u->symbol(), $units::cases())));
        }

        return match (true) {
            $unit instanceof LengthUnit => Length::of($number, $unit),
            $unit instanceof MassUnit => Mass::of($number, $unit),
            $unit instanceof AngleUnit => Angle::of($number, $unit),
            default => $this->monthCount($number),
        };
    }

    private function monthCount(BigDecimal $number): ?Months
    {
        return $number->hasNonZeroFractionalPart() || $number->isNegative() || $number->isGreaterThan(Bounds::MONTHS)
            ? $this->wrong('value', 'must be a whole number from 0 to ' . Bounds::MONTHS)
            : Months::of($number->toInt());
    }

    /** @param class-string<Unit> $units */
    private function limitEntry(string $units): ?LimitEntry
    {
        if ($units === MonthUnit::class && ! $this->has('unit')) {
            $months = $this->months('value');
            $this->require('value');
            $quantity = $months;
        } else {
            $quantity = $this->amount($units);
        }
        $entry = [$this->flag('below') ?? false, $this->date('made_from'), $this->date('made_to'), $this->choice('held_by', HeldBy::class)];
        $this->done();
        if ($quantity !== null && ! Bounds::allows($quantity)) {
            return $this->wrong('value', 'must be ' . Bounds::describe($quantity));
        }

        return $quantity === null ? null : new LimitEntry($quantity, ...$entry);
    }

    /**
     * @template T of Quantity
     * @param T $quantity
     * @return T|null
     */
    private function within(string $key, Quantity $quantity, Quantity $min, Quantity $max): ?Quantity
    {
        return $quantity->isLessThan($min) || $quantity->isMoreThan($max)
            ? $this->wrong($key, "must be {$min->show()} to {$max->show()}")
            : $quantity;
    }
}
