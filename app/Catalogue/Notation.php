<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Words\Telling;

/**
 * A rule as it is typed ("40 lb; 35 lb with lower anchors"), its few words in the reader's language. What is typed stays in one notation.
 */
final readonly class Notation
{
    /** Longer ones first: "made from" is not "from". */
    private const WORDS = [
        'made from', 'made to', 'with lower anchors', 'with belt', 'with both', 'need not sit', 'under', 'from', 'to', 'months',
        'sits', 'none',
    ];

    public static function told(string $typed): string
    {
        return preg_replace_callback(
            '/(?<![\w-])(?:' . implode('|', self::WORDS) . ')(?![\w-])/',
            static fn(array $m): string => Telling::now()->word('catalogue.notation.' . str_replace(' ', '_', $m[0])),
            $typed,
        ) ?? $typed;
    }
}
