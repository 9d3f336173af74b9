<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\SeatModel;
use MintBuckle\Core\Catalogue\ModelFields;
use MintBuckle\Core\Catalogue\ModelText;
use MintBuckle\Core\Telling\Message;
use stdClass;

/** In which typed rules two versions of a seat model are not the same. */
final readonly class Differences
{
    /** @return list<array{Message, string, string}> what it is, in the older, in the newer; empty: not said */
    public static function between(stdClass $older, SeatModel $newer): array
    {
        [$was, $is] = [ModelText::show($older), ModelText::show($newer->rules)];
        $different = [];
        foreach (ModelFields::all() as $field) {
            [$old, $new] = [$was[$field->path] ?? '', $is[$field->path] ?? ''];
            if ($old !== $new) {
                $different[] = [$field->label, $old, $new];
            }
        }

        return $different;
    }
}
