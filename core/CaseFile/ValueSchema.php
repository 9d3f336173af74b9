<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Quantity\AngleUnit;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\MonthUnit;
use MintBuckle\Core\Quantity\Unit;

/** The JSON Schema of single values: quantities, dates, texts and limits. */
final readonly class ValueSchema
{
    private const NULL = ['type' => 'null'];

    private const YEAR = '^(19[5-9]\\d|20\\d\\d|21[0-4]\\d|2150)';

    private const MONTH = '(0[1-9]|1[0-2])';

    private const DAY = '(0[1-9]|[12]\\d|3[01])';

    /** @return array<string, mixed> by name of the definition */
    public static function all(): array
    {
        return [
            'angle' => self::quantity(AngleUnit::class, '0 to 90 degrees.', ['minimum' => 0, 'maximum' => 90]),
            'length' => self::quantity(LengthUnit::class, 'At most 5 m.', ['minimum' => 0]),
            'offset' => self::quantity(LengthUnit::class, 'Above (+) or below (-), at most 500 mm either way.', []),
            'mass' => self::quantity(MassUnit::class, 'At most 300 kg.', ['minimum' => 0]),
            'months' => ['type' => 'integer', 'minimum' => 0, 'maximum' => Bounds::MONTHS],
            'date' => ['type' => 'string', 'pattern' => self::YEAR . '-' . self::MONTH . '-' . self::DAY . '$'],
            'partial_date' => ['type' => 'string', 'pattern' => self::YEAR . '(-' . self::MONTH . '(-' . self::DAY . ')?)?$'],
            'text' => ['type' => 'string', 'maxLength' => ValueReader::MAX_TEXT],
            'listed_text' => ['type' => 'string', 'minLength' => 1, 'maxLength' => ValueReader::MAX_TEXT, 'pattern' => '\\S'],
            ...self::limits(AngleUnit::class, 'angle'),
            ...self::limits(LengthUnit::class, 'length'),
            ...self::limits(MassUnit::class, 'mass'),
            ...self::limits(MonthUnit::class, 'months'),
        ];
    }

    /**
     * @param class-string<Unit> $units
     * @param array<string, int> $size
     * @return array<string, mixed>
     */
    private static function quantity(string $units, string $said, array $size): array
    {
        return [
            'type' => 'object',
            'additionalProperties' => false,
            'required' => ['value', 'unit'],
            'properties' => ['value' => ['type' => 'number'] + $size, 'unit' => ['enum' => self::symbols($units)]],
            'description' => $said,
        ];
    }

    /**
     * @param class-string<Unit> $units
     * @return array<string, mixed> the limit in these units, and its entry
     */
    private static function limits(string $units, string $name): array
    {
        $isMonths = $units === MonthUnit::class;
        $entry = self::ref("{$name}_limit_entry");
        $several = ['type' => 'array', 'minItems' => 1, 'maxItems' => LimitReader::MAX_ENTRIES, 'items' => $entry];
        $size = ['minimum' => 0] + ($units === AngleUnit::class ? ['maximum' => 90] : []);

        return [
            "{$name}_limit" => [
                'description'
                    => 'One figure, or several of which those whose conditions all hold apply: the one with most conditions, among equals '
                        . 'the strictest.',
                'oneOf' => $isMonths ? [self::ref('months'), $entry, $several] : [$entry, $several],
            ],
            "{$name}_limit_entry" => [
                'type' => 'object',
                'additionalProperties' => false,
                'required' => $isMonths ? ['value'] : ['value', 'unit'],
                'properties' => [
                    'value' => $isMonths ? self::ref('months') : ['type' => 'number'] + $size,
                    'unit' => $isMonths ? ['const' => MonthUnit::Month->symbol()] : ['enum' => self::symbols($units)],
                    'below' => ['type' => ['boolean', 'null'], 'description' => 'The figure itself is already outside.'],
                    'made_from' => self::orNull(self::ref('date')),
                    'made_to' => self::orNull(self::ref('date')),
                    'held_by' => ['enum' => [...array_column(HeldBy::cases(), 'value'), null]],
                ],
            ],
        ];
    }

    /**
     * @param class-string<Unit> $units
     * @return list<string>
     */
    private static function symbols(string $units): array
    {
        return array_map(static fn(Unit $unit): string => $unit->symbol(), $units::cases());
    }

    /** @return array<string, string> */
    public static function ref(string $name): array
    {
        return ['$ref' => "#/\$defs/{$name}"];
    }

    /**
     * @param array<string, mixed> $shape
     * @return array<string, mixed>
     */
    public static function orNull(array $shape): array
    {
        return match (true) {
            isset($shape['enum']) && is_array($shape['enum']) => ['enum' => [...$shape['enum'], null]] + $shape,
            isset($shape['type']) => ['type' => [$shape['type'], 'null']] + $shape,
            default => ['oneOf' => [$shape, self::NULL]],
        };
    }
}
