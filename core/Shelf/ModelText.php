<?php

declare(strict_types=1);

namespace MintBuckle\Core\Shelf;

use MintBuckle\Core\Asking\CasePath;
use MintBuckle\Core\CaseFile\ModeName;
use MintBuckle\Core\CaseFile\Reading\InvalidCase;
use MintBuckle\Core\CaseFile\Reading\Node;
use MintBuckle\Core\CaseFile\Reading\Problem;
use MintBuckle\Core\CaseFile\Reading\Problems;
use MintBuckle\Core\CaseFile\Reading\SeatReader;
use stdClass;

/** A seat model's rules between what a person types and the case format's seat section. */
final readonly class ModelText
{
    private const MASS = ['lb', 'kg', 'g', 'oz'];

    private const LENGTH = ['in', 'mm', 'cm'];

    /** Ways of riding that were ticked, as "modes" among what was typed. */
    public const MODES = 'modes';

    /** An empty list: the maker has none, which is not the same as nothing said. */
    public const NONE = 'none';

    /** @param array<string, string> $problems path => what is wrong */
    private function __construct(public stdClass $rules, public array $problems) {}

    /**
     * @param array<string, mixed> $typed by path: text; under "modes" the modes that the seat has
     * @param stdClass|null $before rules that the form does not know are kept from these
     */
    public static function read(array $typed, ?stdClass $before = null): self
    {
        $rules = $before === null ? new stdClass() : self::copy($before);
        $problems = [];
        $modes = array_filter((array) ($typed[self::MODES] ?? []), is_string(...));
        self::keepModes($rules, $modes);
        foreach ([...array_merge(...array_values(ModelFields::simple())), ...self::fieldsOf($modes)] as $field) {
            $text = trim(is_string($typed[$field->path] ?? null) ? $typed[$field->path] : '');
            $value = $text === '' ? null : self::value($field, $text);
            if (($text !== '' && $value === null) || ($text === '' && $field->isRequired())) {
                $problems[$field->path] = $text === '' ? 'Needed.' : 'Cannot be read. Like this: ' . ($field->kind->hint() ?? 'a whole number') . '.';
            }
            $value === null ? self::remove($rules, $field->path) : CasePath::set($rules, $field->path, $value);
        }

        return new self(self::copy($rules), $problems + self::refused($rules));
    }

    /** @return array<string, string> path => text, for every rule that can be typed */
    public static function show(stdClass $rules): array
    {
        $typed = [];
        foreach (ModelFields::all() as $field) {
            $text = self::text($field, CasePath::get($rules, $field->path));
            if ($text !== null && $text !== '') {
                $typed[$field->path] = $text;
            }
        }

        return $typed;
    }

    /**
     * What the case format's own reader refuses of a seat section.
     *
     * @return array<string, string>
     */
    public static function refused(stdClass $rules): array
    {
        $problems = new Problems();
        SeatReader::seat(new Node(self::copy($rules), '', $problems));
        try {
            $problems->stopIfAny();
        } catch (InvalidCase $e) {
            return array_combine(array_map(static fn(Problem $p): string => $p->path, $e->problems), array_map(static fn(Problem $p): string => ucfirst($p->message) . '.', $e->problems));
        }

        return [];
    }

    private static function value(ModelField $field, string $text): mixed
    {
        if ($text === self::NONE && in_array($field->kind, [FieldKind::Words, FieldKind::Numbers, FieldKind::Heights], true)) {
            return [];
        }
        $parts = array_values(array_filter(array_map(trim(...), explode(',', $text)), static fn(string $p): bool => $p !== ''));

        return match ($field->kind) {
            FieldKind::Text => $text,
            FieldKind::Whole => ctype_digit($text) ? (int) $text : null,
            FieldKind::Mass => self::quantity($text, self::MASS),
            FieldKind::Length => self::quantity($text, self::LENGTH),
            FieldKind::MassLimit => LimitText::parse($text, self::MASS),
            FieldKind::LengthLimit => LimitText::parse($text, self::LENGTH),
            FieldKind::MonthLimit => LimitText::parse($text, ['months']),
            FieldKind::AngleLimit => LimitText::parse($text, ['deg']),
            FieldKind::YesNo => ['yes' => true, 'no' => false][$text] ?? null,
            FieldKind::Choice => in_array($text, $field->choices, true) ? $text : null,
            FieldKind::Words => $parts,
            FieldKind::Numbers => array_filter($parts, ctype_digit(...)) === $parts ? array_map(intval(...), $parts) : null,
            FieldKind::Heights => self::heights($parts),
            FieldKind::Recline => self::recline($text),
        };
    }

    private static function text(ModelField $field, mixed $value): ?string
    {
        $list = is_array($value) ? $value : [];
        $words = static fn(array $of): string => implode(', ', array_map(static fn(mixed $one): string => is_scalar($one) ? (string) $one : '', $of));

        return match ($field->kind) {
            FieldKind::YesNo => is_bool($value) ? ($value ? 'yes' : 'no') : null,
            FieldKind::Words, FieldKind::Numbers => $value === [] ? self::NONE : $words($list),
            FieldKind::Heights => $value === [] ? self::NONE : implode(', ', array_filter(array_map(static fn(mixed $slot): ?string => $slot instanceof stdClass ? LimitText::show($slot->height ?? null) : null, $list))),
            FieldKind::Recline => implode('; ', array_map(static fn(mixed $row): string => $row instanceof stdClass ? trim($words((array) ($row->settings ?? [])) . (isset($row->weight_min) ? ' from ' . LimitText::show($row->weight_min) : '') . (isset($row->weight_max) ? ' to ' . LimitText::show($row->weight_max) : '')) : '', $list)),
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
            $height = self::quantity($part, self::LENGTH);
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
            $least = isset($m[2]) && $m[2] !== '' ? self::quantity($m[2], self::MASS) : null;
            $most = isset($m[3]) ? self::quantity($m[3], self::MASS) : null;
            if ((($m[2] ?? '') !== '' && $least === null) || (isset($m[3]) && $most === null)) {
                return null;
            }
            $rows[] = ['settings' => array_map(intval(...), array_values(array_filter(array_map(trim(...), explode(',', $m[1])))))] + array_filter(['weight_min' => $least, 'weight_max' => $most]);
        }

        return $rows;
    }

    /**
     * @param array<array-key, string> $modes
     * @return list<ModelField>
     */
    private static function fieldsOf(array $modes): array
    {
        return array_merge([], ...array_map(static fn(ModeName $m): array => in_array($m->value, $modes, true) ? ModelFields::ofMode($m) : [], ModelFields::modes()));
    }

    /** @param array<array-key, string> $modes */
    private static function keepModes(stdClass $rules, array $modes): void
    {
        $before = ($rules->modes ?? null) instanceof stdClass ? $rules->modes : new stdClass();
        $kept = new stdClass();
        foreach (ModelFields::modes() as $mode) {
            if (in_array($mode->value, $modes, true)) {
                $kept->{$mode->value} = $before->{$mode->value} ?? new stdClass();
            }
        }
        $rules->modes = $kept;
    }

    private static function remove(stdClass $rules, string $path): void
    {
        $keys = explode('.', $path);
        $last = (string) array_pop($keys);
        $at = $rules;
        foreach ($keys as $key) {
            $at = $at->{$key} ?? null;
            if (! $at instanceof stdClass) {
                return;
            }
        }
        unset($at->{$last});
    }

    private static function copy(stdClass $rules): stdClass
    {
        $copy = json_decode(json_encode($rules, JSON_THROW_ON_ERROR), false, 32, JSON_THROW_ON_ERROR);

        return $copy instanceof stdClass ? $copy : new stdClass();
    }
}
