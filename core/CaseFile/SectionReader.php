<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Facts\Definition\Field;
use MintBuckle\Core\Facts\Definition\Fields;
use MintBuckle\Core\Facts\Definition\FieldType;
use stdClass;

/**
 * A JSON object to a class of facts, by what the class declares of each. A fact that is absent, null or wrong reads as unknown; what is
 * wrong is noted with its path, and so is every key that the class does not declare.
 */
final readonly class SectionReader
{
    /** Keys and words of earlier exports that were renamed. */
    public const RENAMED = [
        'tension_door' => 'clamp_door',
        'tension_door_closed' => 'clamp_door_closed',
    ];

    /**
     * @template T of object
     * @param class-string<T> $class
     * @param string $prefix of the path of every key, with its dot
     * @param array<string, mixed> $absent property => value while the file gives none
     * @param list<string> $besides keys that are read elsewhere
     * @return T
     */
    public static function read(
        string $class,
        stdClass $data,
        string $prefix = '',
        Problems $problems = new Problems(),
        array $absent = [],
        array $besides = [],
    ): object {
        $given = (array) $data;
        $fields = Fields::of($class);
        $values = $absent;
        foreach ($fields as $key => $field) {
            if (isset($given[$key])) {
                $value = ValueReader::read($field, $given[$key], $prefix . $key, $problems);
                if ($value !== null) {
                    $values[$field->property] = $value;
                    continue;
                }
            } elseif ($field->isRequired && ! array_key_exists($field->property, $absent)) {
                $problems->add($prefix . $key, 'is required');
            }
            if ($field->isRequired && ! array_key_exists($field->property, $absent)) {
                $values[$field->property] = self::placeholder($field);
            }
        }
        foreach (array_diff_key($given, $fields) as $key => $value) {
            if (! in_array($key, $besides, true)) {
                $now = self::RENAMED[$key] ?? null;
                $problems->add(
                    $prefix . $key,
                    $now === null ? 'is not a key of this format' : "is called {$now} now; rename it and read the file again",
                );
            }
        }

        return new $class(...$values);
    }

    /** Stands where a required fact is missing; the problem is noted, so nobody sees it. */
    private static function placeholder(Field $field): mixed
    {
        return match ($field->type) {
            FieldType::Date => CalendarDate::of(Bounds::LAST_YEAR, 12, 31),
            FieldType::Choice => $field->cases()[0],
            FieldType::Section => $field->of === null ? null : new $field->of(),
            FieldType::Sections, FieldType::Choices => [],
            FieldType::Whole => 0,
            default => '',
        };
    }
}
