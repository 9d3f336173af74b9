<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\SeatModel;
use MintBuckle\Core\Catalogue\ModelField;
use MintBuckle\Core\Catalogue\ModelFields;
use MintBuckle\Core\Catalogue\ModelText;
use stdClass;

/**
 * Where what somebody typed and what was published meanwhile are not the same: the second saver chooses line by line.
 *
 * @phpstan-type Difference array{key: string, field: ModelField, theirs: string, mine: string, changed: bool}
 */
final readonly class Differences
{
    /**
     * @param stdClass $base rules that whoever typed began with
     * @param array<string, mixed> $typed by path
     * @return list<Difference> changed: by whoever typed; an empty text: not said
     */
    public static function between(stdClass $base, SeatModel $newer, array $typed): array
    {
        [$was, $theirs] = [ModelText::show($base), ModelText::show($newer->rules)];
        // What is typed and what is kept may be written in two ways that mean one thing.
        $mine = ModelText::show(ModelText::read($typed, $base)->rules) + array_filter($typed, is_string(...));
        $different = [];
        foreach (ModelFields::all() as $field) {
            [$old, $own, $other] = array_map(
                static fn(array $of): string => trim((string) ($of[$field->path] ?? '')),
                [$was, $mine, $theirs],
            );
            if ($own !== $other) {
                $different[] = [
                    'key' => str_replace('.', '-', $field->path),
                    'field' => $field,
                    'theirs' => $other,
                    'mine' => $own,
                    'changed' => $own !== $old,
                ];
            }
        }

        return $different;
    }
}
