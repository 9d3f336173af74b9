<?php

declare(strict_types=1);

namespace MintBuckle\Core\Catalogue;

use stdClass;

/** One rule of a seat model between what a person types and the case format. */
final readonly class FieldText
{
    /** An empty list: the maker has none, which is not the same as nothing said. */
    public const NONE = 'none';

    private const LISTS = [FieldKind::Words, FieldKind::Numbers, FieldKind::Heights, FieldKind::Inserts];

    /** The value in the case format's shape; null when it cannot be read. */
    public static function read(ModelField $field, string $text): mixed
    {
        if ($text === self::NONE && in_array($field->kind, self::LISTS, true)) {
            return [];
        }
        $parts = array_values(array_filter(array_map(trim(...), explode(',', $text)), static fn(string $p): bool => $p !== ''));

        return match ($field->kind) {
            FieldKind::Text => $text,
            FieldKind::Whole => ctype_digit($text) ? (int) $text : null,
            FieldKind::Mass => self::quantity($text, LimitText::MASS),
            FieldKind::Length => self::quantity($text, LimitText::LENGTH),
            FieldKind::MassLimit => LimitText::parse($text, LimitText::MASS),
            FieldKind::LengthLimit => LimitText::parse($text, LimitText::LENGTH),
            FieldKind::MonthLimit => LimitText::parse($text, LimitText::AGE),
            FieldKind::AngleLimit => LimitText::parse($text, LimitText::ANGLE),
            FieldKind::YesNo => ['yes' => true, 'no' => false][$text] ?? null,
            FieldKind::Choice => in_array($text, $field->choices, true) ? $text : null,
            FieldKind::Words => $parts,
            FieldKind::Numbers => array_filter($parts, ctype_digit(...)) === $parts ? array_map(intval(...), $parts) : null,
            FieldKind::Heights => self::heights($parts),
            FieldKind::Recline => self::recline($text),
            FieldKind::Inserts => RangeText::inserts($text),
            FieldKind::Zones => RangeText::zones($text),
        };
    }

    /** The other way; null where nothing is said. */
    public static function show(ModelField $field, mixed $value): ?string
    {
        $list = is_array($value) ? $value : [];
        $words = static fn(array $of): string => implode(
            ', ',
            array_map(static fn(mixed $one): string => is_scalar($one) ? (string) $one : '', $of),
        );

        return match ($field->kind) {
            FieldKind::YesNo => is_bool($value) ? ($value ? 'yes' : 'no') : null,
            FieldKind::Words, FieldKind::Numbers => $value === [] ? self::NONE : $words($list),
            FieldKind::Heights => $value === []
                ? self::NONE
                : implode(
                    ', ',
                    array_filter(array_map(
                        static fn(mixed $slot): ?string => $slot instanceof stdClass ? LimitText::show($slot->height ?? null) : null,
                        $list,
                    )),
                ),
            FieldKind::Recline => implode(
                '; ',
                array_map(
                    static fn(mixed $row): string => $row instanceof stdClass
                        ? trim(
                            $words((array) ($row->settings ?? []))
                                . (isset($row->weight_min) ? ' from ' . LimitText::show($row->weight_min) : '')
                                . (isset($row->weight_max) ? ' to ' . LimitText::show($row->weight_max) : ''),
                        )
                        : '',
                    $list,
                ),
            ),
            FieldKind::Inserts => $value === [] ? self::NONE : RangeText::show($list),
            FieldKind::Zones => RangeText::show($list),
            FieldKind::Text, FieldKind::Whole, FieldKind::Choice => is_scalar($value) ? (string) $value : null,
            default => $value === null ? null : LimitText::show($value),
        };
    }

    /**
     * @param list<string> $units
     * @return array{value: mixed, unit: mixed}|null
     */
    private static function quantity(string $text, array $units): ?array
    {
        $limit = LimitText::parse($text, $units);

        return is_array($limit) && array_keys($limit) === ['value', 'unit'] ? ['value' => $limit['value'], 'unit' => $limit['unit']] : null;
    }

    /**
     * @param list<string> $parts
     * @return list<array{height: array{value: mixed, unit: mixed}}>|null
     */
    private static function heights(array $parts): ?array
    {
        $heights = [];
        foreach ($parts as $part) {
            $height = self::quantity($part, LimitText::LENGTH);
            if ($height === null) {
                return null;
            }
            $heights[] = ['height' => $height];
        }

        return $heights;
    }

    /** @return list<array<string, mixed>>|null */
    private static function recline(string $text): ?array
    {
        $rows = [];
        foreach (explode(';', $text) as $part) {
            if (preg_match('/\A([\d,\s]+?)(?:\s+from\s+([^;]+?))?(?:\s+to\s+([^;]+?))?\z/', trim($part), $m) !== 1) {
                return null;
            }
            $least = isset($m[2]) && $m[2] !== '' ? self::quantity($m[2], LimitText::MASS) : null;
            $most = isset($m[3]) ? self::quantity($m[3], LimitText::MASS) : null;
            if ((($m[2] ?? '') !== '' && $least === null) || (isset($m[3]) && $most === null)) {
                return null;
            }
            $rows[] = [
                'settings' => array_map(intval(...), array_values(array_filter(array_map(trim(...), explode(',', $m[1]))))),
            ] + array_filter(['weight_min' => $least, 'weight_max' => $most]);
        }

        return $rows;
    }
}
