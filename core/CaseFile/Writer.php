<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use BackedEnum;
use Brick\Math\BigDecimal;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Definition\Fields;
use MintBuckle\Core\Facts\Definition\FieldType;
use MintBuckle\Core\Facts\Limit;
use MintBuckle\Core\Facts\LimitEntry;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Quantity\Quantity;
use stdClass;
use Stringable;

/** A CaseFile to the open format, by what the classes of facts declare. */
final readonly class Writer
{
    public static function write(CaseFile $case): string
    {
        return json_encode(
            self::toArray($case),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        ) . "\n";
    }

    /** @return array<string, mixed> */
    public static function toArray(CaseFile $case): array
    {
        return ['format' => Reader::FORMAT, 'version' => Reader::VERSION] + self::object($case);
    }

    /** @return array<string, mixed> one section in the format's keys */
    public static function section(object $section): array
    {
        return self::object($section);
    }

    private static function value(mixed $value): mixed
    {
        return match (true) {
            $value instanceof BackedEnum => $value->value,
            $value instanceof Months => $value->toInt(),
            $value instanceof Quantity => $value->toArray(),
            $value instanceof BigDecimal => $value->toFloat(),
            $value instanceof Limit => self::limit($value),
            $value instanceof Stringable => (string) $value,
            is_object($value) => self::object($value),
            is_array($value) => array_map(self::value(...), $value),
            default => $value,
        };
    }

    /** @return array<string, mixed> */
    private static function object(object $object): array
    {
        $written = [];
        foreach (Fields::of($object::class) as $key => $field) {
            $value = $object->{$field->property};
            $written[$key] = $field->type === FieldType::Map && $value === [] ? new stdClass() : self::value($value);
        }

        return $written;
    }

    private static function limit(Limit $limit): mixed
    {
        $entries = array_map(self::limitEntry(...), $limit->entries);
        $only = $entries[0];

        return match (true) {
            count($entries) > 1 || $limit->entries[0]->value instanceof Months && count($only) > 1 => $entries,
            $limit->entries[0]->value instanceof Months => $only['value'],
            default => $only,
        };
    }

    /** @return array<string, mixed> conditions that do not narrow are left out */
    private static function limitEntry(LimitEntry $entry): array
    {
        $value = $entry->value instanceof Months ? ['value' => $entry->value->toInt()] : $entry->value->toArray();

        return $value + array_filter([
            'below' => $entry->below,
            'made_from' => $entry->madeFrom?->__toString(),
            'made_to' => $entry->madeTo?->__toString(),
            'held_by' => $entry->heldBy?->value,
        ]);
    }
}
