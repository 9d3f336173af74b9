<?php

declare(strict_types=1);

namespace MintBuckle\Core\Recall;

use Closure;
use Normalizer;

/** Names as recalls compare them: case, accents, spaces and punctuation folded away (Unicode case fold, NFKD, letters and digits only). */
final readonly class Folded
{
    public static function text(string $name): string
    {
        return (string) preg_replace('/[^\p{L}\p{N}]+/u', '', self::decomposed($name));
    }

    /**
     * Looks for words in names that are folded already: each somewhere, or all of them in one run.
     *
     * @return Closure(string): bool
     */
    public static function search(string $words): Closure
    {
        $whole = self::text($words);
        $parts = array_map(self::text(...), explode(' ', $words));

        return static fn(string $folded): bool => str_contains($folded, $whole)
            || array_filter($parts, static fn(string $part): bool => ! str_contains($folded, $part)) === [];
    }

    /** Whether a model fits a campaign's pattern: * any run, ? one character. */
    public static function matches(string $pattern, string $model): bool
    {
        $folded = (string) preg_replace('/[^\p{L}\p{N}*?]+/u', '', self::decomposed($pattern));
        $regex = strtr(preg_quote($folded, '/'), ['\\*' => '.*', '\\?' => '.']);

        return preg_match('/\A' . $regex . '\z/us', self::text($model)) === 1;
    }

    /** What a pattern begins with before its first * or ?, folded. */
    public static function beginning(string $pattern): string
    {
        return self::text(substr($pattern, 0, strcspn($pattern, '*?')));
    }

    private static function decomposed(string $text): string
    {
        $decomposed = Normalizer::normalize($text, Normalizer::FORM_KD);

        return mb_convert_case(is_string($decomposed) ? $decomposed : $text, MB_CASE_FOLD);
    }
}
