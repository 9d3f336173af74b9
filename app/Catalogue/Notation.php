<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Words\Telling;
use MintBuckle\Core\Catalogue\FieldKind;
use MintBuckle\Core\Catalogue\FieldText;
use MintBuckle\Core\Catalogue\ModelField;

/**
 * A rule as it is typed ("40 lb; 35 lb with lower anchors"), its few words in the reader's language. What is typed stays in one notation.
 */
final readonly class Notation
{
    /** Before a figure or a date, longer ones first; or by itself. A cushion "next to the body" keeps its name. */
    private const WORDS = '/(?<![\w-])(?:(?:made from|made to|under|from|to)(?= \d)|(?<=\d )months|with lower anchors|with belt|with both'
        . '|(?<=, )(?:need not sit|sits))(?![\w-])/';

    public static function told(ModelField $field, string $typed): string
    {
        $word = static fn(string $said): string => Telling::now()->word('catalogue.notation.' . str_replace(' ', '_', $said));

        return match (true) {
            $typed === FieldText::NONE => $word($typed),
            // A name is nobody's notation.
            $field->kind === FieldKind::Text, $field->kind === FieldKind::Words => $typed,
            default => preg_replace_callback(self::WORDS, static fn(array $m): string => $word($m[0]), $typed) ?? $typed,
        };
    }
}
