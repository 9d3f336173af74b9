<?php

declare(strict_types=1);

namespace MintBuckle\Present\Words;

use BackedEnum;
use Brick\Math\RoundingMode;
use IntlDateFormatter;
use LogicException;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Card\CardStep;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Quantity\AngleUnit;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Quantity\Unit;
use MintBuckle\Core\Telling\Beside;
use MintBuckle\Core\Telling\ChildsAge;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\ListingKind;
use MintBuckle\Core\Telling\Message;

/**
 * Tells what the core found, in a language and in the reader's units. Without units of the reader's, what was measured is told as it was
 * measured, and its limit in the same unit: no sentence mixes units.
 *
 * @phpstan-import-type Told from Message
 */
final readonly class Teller
{
    /** From here on people speak of centimetres. */
    private const TALL_MM = 500;

    public function __construct(private Lexicon $words, private ?LengthUnit $length = null, private ?MassUnit $mass = null) {}

    public function language(): string
    {
        return $this->words->language;
    }

    /** The same language in a reader's units. */
    public function in(?LengthUnit $length, ?MassUnit $mass): self
    {
        return new self($this->words, $length, $mass);
    }

    public function message(Finding $finding): string
    {
        return $this->sentence($finding->message());
    }

    public function remedy(Finding $finding): string
    {
        return $this->sentence($finding->remedy());
    }

    /** What one sees when a step is done, and what has to be said beside it. */
    public function check(CardStep $step): string
    {
        return $this->sentence($step->check()) . ($step->notice === null ? '' : ' ' . $this->sentence($step->notice));
    }

    /** With a capital letter at its beginning. */
    public function sentence(Message|Listing $message): string
    {
        return self::capital($message instanceof Listing ? $this->listing($message, []) : $this->tell($message));
    }

    public function tell(Message $message): string
    {
        $pattern = $this->words->find($message->key) ?? $this->words->pattern($message->otherwise ?? $message->key);
        if (! str_contains($pattern, '{')) {
            return $message->within ? self::within($pattern) : $pattern;
        }
        $units = $this->unitsOf($message->with);
        $told = $this->fill($pattern, array_map(fn(mixed $value): string|int => $this->value($value, $units), $message->with));

        return $message->within ? self::within($told) : $told;
    }

    /** Null where there are no words for it: not every fact has a hint. */
    public function tellIfAny(Message $message): ?string
    {
        return $this->words->find($message->key) === null ? null : $this->tell($message);
    }

    /**
     * Whatever can be told, as it stands inside a sentence or by itself.
     *
     * @param Told $told
     */
    public function show(mixed $told): string
    {
        return (string) $this->value($told, []);
    }

    /**
     * The same with a capital letter at its beginning.
     *
     * @param Told $told
     */
    public function says(mixed $told): string
    {
        return self::capital($this->show($told));
    }

    /** A word or pattern without parameters. */
    public function word(string $key): string
    {
        return $this->tell(new Message($key));
    }

    /** At most one decimal, halves away from zero; in the unit named, else the reader's, else its own. */
    public function quantity(Quantity $quantity, ?Unit $unit = null): string
    {
        if ($quantity instanceof Months) {
            return $this->format('telling.months', ['months' => $quantity->toInt()]);
        }
        $in = $unit ?? $this->unitOf($quantity);
        $rounded = $quantity->in($in)->value->toScale(1, RoundingMode::HALF_UP)->stripTrailingZeros();
        $dimension = match (true) {
            $in instanceof LengthUnit => 'length',
            $in instanceof MassUnit => 'mass',
            default => 'angle',
        };

        return $this->format(
            "telling.{$dimension}." . ($in === AngleUnit::Degree ? 'deg' : $in->symbol()),
            ['n' => (string) $rounded->toScale(max(0, $rounded->getScale()))],
        );
    }

    public function date(CalendarDate|PartialDate $date): string
    {
        $day = $date instanceof PartialDate ? $date->earliest() : $date;
        $pattern = match (true) {
            $date instanceof CalendarDate || $date->day !== null => 'telling.day',
            $date->month !== null => 'telling.month',
            default => 'telling.year',
        };
        $formatter = new IntlDateFormatter(
            $this->words->locale,
            IntlDateFormatter::NONE,
            IntlDateFormatter::NONE,
            'UTC',
            IntlDateFormatter::GREGORIAN,
            $this->words->pattern($pattern),
        );

        return (string) $formatter->format(CalendarDate::of(1970, 1, 1)->daysUntil($day) * 86_400);
    }

    /**
     * @param Told $value
     * @param array<class-string, Unit> $units by dimension
     */
    private function value(mixed $value, array $units): string|int
    {
        return match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            is_string($value), is_int($value) => $value,
            $value === null => '',
            $value instanceof BackedEnum => $value->value,
            $value instanceof Quantity => $this->quantity($value, $units[$value::class] ?? null),
            $value instanceof Beside => $this->beside($value, $units[$value->measured::class] ?? null),
            $value instanceof Message => $this->tell($value),
            $value instanceof Listing => $this->listing($value, $units),
            $value instanceof ChildsAge => $this->age($value->age),
            default => $this->date($value),
        };
    }

    private function beside(Beside $held, ?Unit $unit): string
    {
        $shown = $this->quantity($held->measured, $unit);
        $order = $held->measured->compareTo($held->limit);

        return match (true) {
            $order === 0 || $shown !== $this->quantity($held->limit, $unit) => $shown,
            $order > 0 => $this->format('telling.just_over', ['quantity' => $shown]),
            default => $this->format('telling.just_under', ['quantity' => $shown]),
        };
    }

    private function age(Months $age): string
    {
        $months = $age->toInt();

        return $this->format('telling.age', [
            'small' => $months < 24 ? 'yes' : 'no',
            'total' => $months,
            'years' => intdiv($months, 12),
            'months' => $months % 12,
        ]);
    }

    /** @param array<class-string, Unit> $units */
    private function listing(Listing $listing, array $units): string
    {
        $items = array_map(fn(mixed $item): string => (string) $this->value($item, $units), $listing->items);
        if ($listing->kind !== ListingKind::And && $listing->kind !== ListingKind::Or) {
            return implode($this->words->pattern("telling.list.{$listing->kind->value}"), $items);
        }
        $last = array_pop($items);

        return $items === [] || $last === null ? (string) $last : $this->format("telling.list.{$listing->kind->value}", [
            'first' => implode($this->words->pattern('telling.list.between'), $items),
            'last' => $last,
        ]);
    }

    /** The reader's unit: tall things in centimetres where the rest is in millimetres; without a reader its own. */
    private function unitOf(Quantity $quantity): Unit
    {
        return match (true) {
            $quantity instanceof Mass => $this->mass ?? $quantity->unit,
            $quantity instanceof Length && $this->length === LengthUnit::Millimetre && $quantity->isMoreThan(Length::of(self::TALL_MM))
                => LengthUnit::Centimetre,
            $quantity instanceof Length => $this->length ?? $quantity->unit,
            default => $quantity->unit,
        };
    }

    /**
     * The unit of each dimension throughout a sentence: that of its first quantity.
     *
     * @param array<string, Told> $with
     * @return array<class-string, Unit>
     */
    private function unitsOf(array $with): array
    {
        $units = [];
        foreach ($with as $value) {
            $quantity = $value instanceof Beside ? $value->measured : $value;
            if ($quantity instanceof Quantity) {
                $units[$quantity::class] ??= $this->unitOf($quantity);
            }
        }

        return $units;
    }

    /** @param array<string, string|int> $with */
    private function format(string $key, array $with): string
    {
        return $this->fill($this->words->pattern($key), $with);
    }

    /**
     * @param array<string, string|int> $with
     * @throws LogicException where the pattern is none, which a test of every pattern prevents
     */
    private function fill(string $pattern, array $with): string
    {
        $told = $this->words->format($pattern, $with);

        return $told === false ? throw new LogicException("cannot be told in {$this->words->language}: {$pattern}") : $told;
    }

    private static function capital(string $told): string
    {
        return mb_strtoupper(mb_substr($told, 0, 1)) . mb_substr($told, 1);
    }

    /** Inside a sentence names begin small. */
    private static function within(string $told): string
    {
        return mb_strtolower(mb_substr($told, 0, 1)) . mb_substr($told, 1);
    }
}
