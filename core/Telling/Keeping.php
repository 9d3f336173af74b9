<?php

declare(strict_types=1);

namespace MintBuckle\Core\Telling;

use BackedEnum;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\AngleUnit;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Quantity\Quantity;

/**
 * What is to be told, as it is kept once it was signed: keys and parameters in plain JSON, so that it can be told in any language later.
 *
 * @phpstan-import-type Told from Message
 */
final readonly class Keeping
{
    /**
     * @param Told $told
     * @return array<string, mixed>|string|int|bool|null
     */
    public static function toJson(mixed $told): array|string|int|bool|null
    {
        return match (true) {
            $told instanceof BackedEnum => $told->value,
            $told instanceof Quantity => ['quantity' => (string) $told->value, 'unit' => $told->unit->symbol()],
            $told instanceof CalendarDate => ['date' => (string) $told, 'whole' => true],
            $told instanceof PartialDate => ['date' => (string) $told],
            $told instanceof Beside => ['measured' => self::toJson($told->measured), 'limit' => self::toJson($told->limit)],
            $told instanceof ChildsAge => ['age' => $told->age->toInt()],
            $told instanceof Listing => ['list' => $told->kind->value, 'items' => array_map(self::toJson(...), $told->items)],
            $told instanceof Message => array_filter([
                'key' => $told->key,
                'with' => array_map(self::toJson(...), $told->with),
                'within' => $told->within,
                'otherwise' => $told->otherwise,
            ], static fn(mixed $part): bool => $part !== [] && $part !== false && $part !== null),
            default => $told,
        };
    }

    /**
     * @param mixed $kept as toJson() made it, decoded to arrays
     * @return Quantity|CalendarDate|PartialDate|Message|Beside|Listing|ChildsAge|string|int|bool|null null where it is nothing of that kind
     */
    public static function fromJson(mixed $kept): Quantity|CalendarDate|PartialDate|Message|Beside|Listing|ChildsAge|string|int|bool|null
    {
        if (! is_array($kept)) {
            return is_string($kept) || is_int($kept) || is_bool($kept) ? $kept : null;
        }

        return match (true) {
            isset($kept['quantity']) => self::quantity($kept),
            isset($kept['date']) && is_string($kept['date']) => isset($kept['whole'])
                ? CalendarDate::parse($kept['date'])
                : PartialDate::parse($kept['date']),
            isset($kept['measured'], $kept['limit']) => self::beside($kept),
            isset($kept['age']) && is_int($kept['age']) => new ChildsAge(Months::of($kept['age'])),
            isset($kept['list']) => self::listing($kept),
            isset($kept['key']) && is_string($kept['key']) => self::message($kept['key'], $kept),
            default => null,
        };
    }

    /** @param array<array-key, mixed> $kept */
    private static function quantity(array $kept): ?Quantity
    {
        [$number, $unit] = [$kept['quantity'] ?? null, $kept['unit'] ?? null];
        if (! is_string($number) || ! is_string($unit)) {
            return null;
        }

        return match (true) {
            LengthUnit::tryFrom($unit) !== null => Length::of($number, LengthUnit::from($unit)),
            MassUnit::tryFrom($unit) !== null => Mass::of($number, MassUnit::from($unit)),
            AngleUnit::tryFrom($unit) !== null => Angle::of($number),
            default => Months::of((int) $number),
        };
    }

    /** @param array<array-key, mixed> $kept */
    private static function beside(array $kept): ?Beside
    {
        [$measured, $limit] = [self::fromJson($kept['measured'] ?? null), self::fromJson($kept['limit'] ?? null)];

        return $measured instanceof Quantity && $limit instanceof Quantity ? new Beside($measured, $limit) : null;
    }

    /** @param array<array-key, mixed> $kept */
    private static function listing(array $kept): Listing
    {
        $items = array_map(self::fromJson(...), is_array($kept['items'] ?? null) ? array_values($kept['items']) : []);

        return Listing::of(
            ListingKind::tryFrom(is_string($kept['list']) ? $kept['list'] : '') ?? ListingKind::Names,
            array_values(array_filter(
                $items,
                static fn(mixed $item): bool => $item instanceof Message || $item instanceof Quantity || is_string($item) || is_int($item),
            )),
        );
    }

    /** @param array<array-key, mixed> $kept */
    private static function message(string $key, array $kept): Message
    {
        $with = [];
        foreach (is_array($kept['with'] ?? null) ? $kept['with'] : [] as $name => $value) {
            $with[(string) $name] = self::fromJson($value);
        }

        return new Message(
            $key,
            $with,
            ($kept['within'] ?? false) === true,
            is_string($kept['otherwise'] ?? null) ? $kept['otherwise'] : null,
        );
    }
}
