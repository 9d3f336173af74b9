<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\Limit;
use MintBuckle\Core\Facts\LimitEntry;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Quantity\MonthUnit;
use MintBuckle\Core\Quantity\Unit;
use MintBuckle\Core\Telling\Message;
use stdClass;

/** A maker's limit: a number of months, one figure, or a list of figures with the conditions under which each speaks. */
final readonly class LimitReader
{
    public const MAX_ENTRIES = 1000;

    private const KEYS = ['value' => true, 'unit' => true, 'below' => true, 'made_from' => true, 'made_to' => true, 'held_by' => true];

    /** @param class-string<Unit> $units */
    public static function read(mixed $value, string $path, string $units, Problems $problems): ?Limit
    {
        if (is_array($value)) {
            return self::several($value, $path, $units, $problems);
        }
        if ($units === MonthUnit::class && (is_int($value) || is_float($value))) {
            $months = ValueReader::months($value, $path, $problems);

            return $months === null ? null : new Limit([new LimitEntry($months)]);
        }
        $entry = self::entry($value, $path, $units, $problems);

        return $entry === null ? null : new Limit([$entry]);
    }

    /**
     * @param array<mixed> $values
     * @param class-string<Unit> $units
     */
    private static function several(array $values, string $path, string $units, Problems $problems): ?Limit
    {
        if ($values === [] || count($values) > self::MAX_ENTRIES) {
            return $problems->add(
                $path,
                $values === [] ? 'must hold at least one figure' : 'must hold at most ' . self::MAX_ENTRIES . ' entries',
            );
        }
        $entries = [];
        foreach (array_values($values) as $index => $value) {
            $entry = self::entry($value, "{$path}.{$index}", $units, $problems);
            if ($entry !== null) {
                $entries[] = $entry;
            }
        }

        return $entries === [] ? null : new Limit($entries);
    }

    /** @param class-string<Unit> $units */
    private static function entry(mixed $data, string $path, string $units, Problems $problems): ?LimitEntry
    {
        if (! $data instanceof stdClass) {
            return $problems->add($path, 'must be an object');
        }
        $quantity = match (true) {
            $units !== MonthUnit::class || isset($data->unit) => QuantityReader::amount($data, $path, $units, $problems),
            isset($data->value) => ValueReader::months($data->value, "{$path}.value", $problems),
            default => $problems->add("{$path}.value", 'is required'),
        };
        $below = isset($data->below) && ValueReader::flag($data->below, "{$path}.below", $problems) === true;
        $from = isset($data->made_from) ? ValueReader::date($data->made_from, "{$path}.made_from", $problems) : null;
        $to = isset($data->made_to) ? ValueReader::date($data->made_to, "{$path}.made_to", $problems) : null;
        $heldBy = isset($data->held_by) ? ValueReader::choice($data->held_by, "{$path}.held_by", HeldBy::class, $problems) : null;
        foreach (array_diff_key((array) $data, self::KEYS) as $key => $_) {
            $problems->add("{$path}.{$key}", 'is not a key of this format');
        }

        return match (true) {
            $quantity === null => null,
            ! Bounds::allows($quantity) => $problems->add(
                "{$path}.value",
                'must be ' . Bounds::describe($quantity),
                new Message('problems.at_most', ['max' => Bounds::greatest($quantity) ?? Months::of(Bounds::MONTHS)]),
            ),
            default => new LimitEntry($quantity, $below, $from, $to, $heldBy),
        };
    }
}
