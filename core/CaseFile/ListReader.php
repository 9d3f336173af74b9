<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Facts\Definition\Field;
use MintBuckle\Core\Facts\Definition\FieldType;
use stdClass;

/** Lists and maps of the file. A wrong entry is noted and left out. */
final readonly class ListReader
{
    /** @return list<mixed>|null */
    public static function read(Field $field, mixed $values, string $path, Problems $problems): ?array
    {
        $max = $field->listOf->max ?? 0;
        if (! is_array($values)) {
            return $problems->add($path, 'must be a list');
        }
        if (count($values) > $max) {
            return $problems->add($path, "must hold at most {$max} entries");
        }
        $items = [];
        foreach (array_values($values) as $index => $value) {
            $item = self::entry($field, $value, "{$path}.{$index}", $problems);
            if ($item !== null) {
                $items[] = $item;
            }
        }

        return $items;
    }

    /** @return array<array-key, object>|null in the order of the enum, whatever the file's */
    public static function map(Field $field, mixed $value, string $path, Problems $problems): ?array
    {
        if (! $value instanceof stdClass) {
            return $problems->add($path, 'must be an object');
        }
        $given = (array) $value;
        $read = [];
        foreach ($field->mapOf->by ?? [] as $case) {
            if (isset($given[$case->value])) {
                $section = ValueReader::section($given[$case->value], "{$path}.{$case->value}", $field->section(), $problems);
                $read += $section === null ? [] : [$case->value => $section];
            }
            unset($given[$case->value]);
        }
        foreach (array_keys($given) as $key) {
            $problems->add("{$path}.{$key}", 'is not a key of this format');
        }

        return $read;
    }

    private static function entry(Field $field, mixed $value, string $path, Problems $problems): mixed
    {
        return match ($field->type) {
            FieldType::Texts => ValueReader::words($value, $path, $problems),
            FieldType::Wholes => ValueReader::whole($value, $path, $field->within->min ?? 0, $field->within->max ?? PHP_INT_MAX, $problems),
            FieldType::Choices => ValueReader::choice($value, $path, $field->enum(), $problems),
            default => ValueReader::section($value, $path, $field->section(), $problems),
        };
    }
}
