<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use BackedEnum;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Definition\Field;
use MintBuckle\Core\Facts\Definition\Fields;
use MintBuckle\Core\Facts\Definition\FieldType;
use MintBuckle\Core\Quantity\AngleUnit;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Unit;
use ReflectionClass;

/** The JSON Schema (draft 2020-12) of what the classes of facts declare. */
final readonly class Schema
{
    public const DIALECT = 'https://json-schema.org/draft/2020-12/schema';

    /** @return array<string, mixed> of the case file */
    public static function ofCase(): array
    {
        $case = self::ofClass(CaseFile::class);

        return [
            '$schema' => self::DIALECT,
            '$id' => 'urn:mint-buckle:case:' . Reader::VERSION,
            'title' => 'Mint Buckle case, version ' . Reader::VERSION,
            'description'
                => 'Everything known of one check on one day. A fact that is absent or null is unknown, never false. What no schema can '
                    . 'tell (dates in order, a place the car has, a slot the seat has, greatest sizes in any unit) the reader checks.',
            'type' => 'object',
            'additionalProperties' => false,
            'required' => [...Envelope::KEYS, ...$case['required']],
            'properties' => ['format' => ['const' => Reader::FORMAT], 'version' => ['const' => Reader::VERSION], ...$case['properties']],
            '$defs' => self::definitions(CaseFile::class),
        ];
    }

    /**
     * Every definition that the sections below a class refer to.
     *
     * @param class-string $root
     * @return array<string, mixed> by name, in alphabetical order
     */
    public static function definitions(string $root): array
    {
        $classes = [$root];
        for ($i = 0; $i < count($classes); $i++) {
            foreach (Fields::declared($classes[$i]) as $field) {
                if ($field->holdsSections() && ! in_array($field->section(), $classes, true)) {
                    $classes[] = $field->section();
                }
            }
        }
        $definitions = ValueSchema::all();
        foreach ($classes as $class) {
            if ($class !== CaseFile::class) {
                $definitions[self::nameOf($class)] = array_filter(self::ofClass($class), static fn(mixed $part): bool => $part !== []);
            }
        }
        $used = self::used($definitions, $root === CaseFile::class ? self::ofClass($root) : ValueSchema::ref(self::nameOf($root)));
        ksort($used);

        return $used;
    }

    /**
     * @param array<string, mixed> $definitions
     * @return array<string, mixed> those that a schema refers to, and what these refer to
     */
    private static function used(array $definitions, mixed $schema): array
    {
        $used = [];
        preg_match_all('/"#\/\$defs\/(\w+)"/', json_encode($schema, JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), $named);
        for ($i = 0; $i < count($named[1]); $i++) {
            $name = $named[1][$i];
            if (! isset($used[$name])) {
                $used[$name] = $definitions[$name];
                preg_match_all('/"#\/\$defs\/(\w+)"/', json_encode($used[$name], JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), $more);
                array_push($named[1], ...$more[1]);
            }
        }

        return $used;
    }

    /**
     * @param class-string $class
     * @return array{
     *     type: 'object', description: string, additionalProperties: false, required: list<string>, properties: array<string, mixed>,
     * }
     */
    private static function ofClass(string $class): array
    {
        $reflection = new ReflectionClass($class);
        [$properties, $required] = [[], []];
        foreach (Fields::declared($class) as $key => $field) {
            $said = self::meaning((string) $reflection->getProperty($field->property)->getDocComment());
            $properties[$key] = ($said === '' ? [] : ['description' => $said]) + self::ofField($field);
            $required = $field->isRequired ? [...$required, $key] : $required;
        }

        return [
            'type' => 'object',
            'description' => self::meaning((string) $reflection->getDocComment()),
            'additionalProperties' => false,
            'required' => $required,
            'properties' => $properties,
        ];
    }

    /** @return array<string, mixed> */
    private static function ofField(Field $field): array
    {
        $size = $field->within === null ? [] : ['minimum' => $field->within->min, 'maximum' => $field->within->max];
        $shape = match ($field->type) {
            FieldType::Flag => ['type' => 'boolean'],
            FieldType::Whole => ['type' => 'integer'] + $size,
            FieldType::Number => ['type' => 'number'] + $size + ($field->within?->halves === true ? ['multipleOf' => 0.5] : []),
            FieldType::Months => ValueSchema::ref('months'),
            FieldType::Length => ValueSchema::ref($field->within !== null && $field->within->min < 0 ? 'offset' : 'length'),
            FieldType::Mass => ValueSchema::ref('mass'),
            FieldType::Angle => ValueSchema::ref('angle'),
            FieldType::Date => ValueSchema::ref('date'),
            FieldType::PartialDate => ValueSchema::ref('partial_date'),
            FieldType::Text => $field->like === null
                ? ValueSchema::ref($field->isRequired ? 'listed_text' : 'text')
                : ['type' => 'string', 'pattern' => "^{$field->like->pattern}$"],
            FieldType::Choice => ['enum' => array_column($field->cases(), 'value')],
            FieldType::Limit => ValueSchema::ref(self::limitName($field->units())),
            FieldType::Section => ValueSchema::ref(self::nameOf($field->section())),
            FieldType::Map => self::map($field),
            FieldType::Texts => self::listOf($field, ValueSchema::ref('listed_text')),
            FieldType::Wholes => self::listOf($field, ['type' => 'integer'] + $size),
            FieldType::Choices => self::listOf($field, ['enum' => array_column($field->cases(), 'value')]),
            FieldType::Sections => self::listOf($field, ValueSchema::ref(self::nameOf($field->section()))),
        };

        return $field->isRequired ? $shape : ValueSchema::orNull($shape);
    }

    /**
     * @param array<string, mixed> $entry
     * @return array<string, mixed>
     */
    private static function listOf(Field $field, array $entry): array
    {
        return ['type' => 'array', 'maxItems' => $field->listOf?->max, 'items' => $entry];
    }

    /** @return array<string, mixed> */
    private static function map(Field $field): array
    {
        $keys = array_map(static fn(BackedEnum $case): string => (string) $case->value, $field->mapOf->by ?? []);

        return [
            'type' => 'object',
            'additionalProperties' => false,
            'properties' => array_fill_keys($keys, ValueSchema::orNull(ValueSchema::ref(self::nameOf($field->section())))),
        ];
    }

    /** @param class-string<Unit> $units */
    private static function limitName(string $units): string
    {
        return match ($units) {
            AngleUnit::class => 'angle_limit',
            LengthUnit::class => 'length_limit',
            MassUnit::class => 'mass_limit',
            default => 'months_limit',
        };
    }

    /** @param class-string $class */
    private static function nameOf(string $class): string
    {
        return Field::keyOf(lcfirst(substr((string) strrchr($class, '\\'), 1)));
    }

    /** A docblock's words. */
    private static function meaning(string $docblock): string
    {
        $words = preg_replace(['/^\s*\/\*\*|\*\/\s*$/', '/^\s*\*\s?/m', '/@.*/s'], '', $docblock);

        return trim((string) preg_replace('/\s+/', ' ', (string) $words));
    }
}
