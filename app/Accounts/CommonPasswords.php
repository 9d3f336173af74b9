<?php

declare(strict_types=1);

namespace App\Accounts;

/** Passwords that are tried first, kept as the beginnings of their SHA-256: enough to know them again, and nobody has to read them. */
final readonly class CommonPasswords
{
    private const FILE = __DIR__ . '/Data/common-passwords.txt';

    /** Hexadecimal digits, 40 bits: of thirty thousand, one good password in thirty million is taken for one of them. */
    private const DIGITS = 10;

    private const A_LINE = 12;

    /** @param string $folded in small letters */
    public static function have(string $folded): bool
    {
        /** @var array<string, int>|null $known */
        static $known = null;
        $known ??= array_flip(preg_split('/\s+/', trim((string) file_get_contents(self::FILE))) ?: []);

        return isset($known[self::inShort($folded)]);
    }

    /**
     * The file as bin/generate makes it.
     *
     * @param list<string> $passwords as the package zxcvbn lists them
     */
    public static function made(array $passwords): string
    {
        $short = array_unique(array_map(self::inShort(...), $passwords));
        sort($short, SORT_STRING);

        return implode("\n", array_map(static fn(array $some): string => implode(' ', $some), array_chunk($short, self::A_LINE))) . "\n";
    }

    private static function inShort(string $folded): string
    {
        return substr(hash('sha256', $folded), 0, self::DIGITS);
    }
}
