<?php

declare(strict_types=1);

namespace MintBuckle\Core\Written;

/** A measurement as people write it: 12, 12.5, 12,5, 1/2, 1 1/2, ½. */
final readonly class Amount
{
    private const FRACTIONS = [
        '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8',
    ];

    /** @return int|float|null the number; null when it cannot be read or has no finite decimals */
    public static function parse(string $text): int|float|null
    {
        $plain = trim(strtr(str_replace(["\u{2212}", ','], ['-', '.'], $text), self::FRACTIONS));
        if (preg_match('/\A-?\d{1,7}(\.\d{1,6})?\z/', $plain) === 1) {
            return str_contains($plain, '.') ? (float) $plain : (int) $plain;
        }
        // Halves to sixty-fourths: what a tape is marked in.
        if (preg_match('/\A(?:(\d{1,5})\s+)?(\d{1,2})\/(2|4|8|16|32|64)\z/', $plain, $m) === 1) {
            return (int) $m[1] + (int) $m[2] / (int) $m[3];
        }

        return null;
    }
}
