<?php

declare(strict_types=1);

namespace MintBuckle\Core\Catalogue;

use MintBuckle\Core\Facts\Definition\FactDefinition;
use MintBuckle\Core\Facts\Definition\FactDefinitions;
use MintBuckle\Core\Facts\Definition\ManualPart;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Telling\Message;

/**
 * Every rule of a seat model that is typed, in the order of a manual, as the facts declare it. What the format holds beyond these comes
 * by file and is kept.
 */
final readonly class ModelFields
{
    private const ANY_MODE = 'modes.*.';

    /** @return array<string, list<ModelField>> by heading: what is said of the seat in one line each */
    public static function simple(): array
    {
        return [
            'identity' => self::part(ManualPart::Identity),
            'holding' => self::part(ManualPart::Holding),
            'harness' => self::part(ManualPart::Harness),
        ];
    }

    /** @return list<ModelField> the rules of one mode */
    public static function ofMode(ModeName $mode): array
    {
        return [
            ...self::part(ManualPart::Mode, $mode),
            ...self::part($mode->hasHarness() ? ManualPart::HarnessMode : ManualPart::BoosterMode, $mode),
            ...self::part(ManualPart::ModeParts, $mode),
        ];
    }

    /** @return list<ModelField> */
    public static function all(): array
    {
        return [...array_merge(...array_values(self::simple())), ...array_merge([], ...array_map(self::ofMode(...), ModeName::OF_SEATS))];
    }

    /** The field of a path below the seat section; null where none is typed. */
    public static function at(string $path): ?ModelField
    {
        /** @var array<string, ModelField>|null $byPath once: the declarations never change */
        static $byPath = null;
        $byPath ??= array_column(self::all(), null, 'path');

        return $byPath[$path] ?? null;
    }

    /** @return list<ModelField> */
    private static function part(ManualPart $part, ?ModeName $mode = null): array
    {
        $fields = [];
        foreach (self::byPart()[$part->name] ?? [] as $order => $fact) {
            $path = $mode === null ? $fact->path : str_replace(self::ANY_MODE, "modes.{$mode->value}.", $fact->path);
            $fields[$order] = new ModelField(
                $path,
                new Message("facts.seat.{$fact->path}.manual"),
                FieldKind::of($fact->field),
                array_column($fact->field->cases(), 'value') ?: $fact->field->asked->answers ?? [],
                $fact->field->manual?->required === true,
            );
        }
        ksort($fields);

        return array_values($fields);
    }

    /** @return array<string, array<int, FactDefinition>> name of the part => order => fact */
    private static function byPart(): array
    {
        /** @var array<string, array<int, FactDefinition>>|null $found once: the declarations never change */
        static $found = null;
        if ($found === null) {
            $found = [];
            foreach (FactDefinitions::below(Seat::class) as $fact) {
                if ($fact->field->manual !== null) {
                    $found[$fact->field->manual->part->name][$fact->field->manual->order] = $fact;
                }
            }
        }

        return $found;
    }
}
