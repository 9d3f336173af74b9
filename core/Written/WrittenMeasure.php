<?php

declare(strict_types=1);

namespace MintBuckle\Core\Written;

/**
 * A measurement as people say and write it: 12.5, 22 lb 4 oz, 2 ft 11, 2'11", 89 cm, 1.05 m. One without a unit counts in the unit that
 * stands beside its field.
 */
final readonly class WrittenMeasure
{
    private const NUMBER = '(?:\d+(?:[.,]\d+)?(?:\s*[½¼¾⅛⅜⅝⅞]|\s+\d{1,2}/\d{1,2})?|\d{1,2}/\d{1,2}|[½¼¾⅛⅜⅝⅞])';

    /** A large unit => the small one that is said after it, and how many of that make one: an ounce is a sixteenth of a pound. */
    private const SMALLER = ['ft' => ['in', 12], 'lb' => ['oz', 16], 'm' => ['cm', 100], 'kg' => ['g', 1000]];

    /** Units that people say and the case format does not have, in one that it has. */
    private const SAID_AS = ['ft' => ['in', 12], 'm' => ['cm', 100]];

    private function __construct(public int|float $value, public ?string $unit) {}

    /**
     * @param array<string, string> $units symbol (lb, oz, kg, g, ft, in, m, cm, mm) by name, in small letters and in every language read
     */
    public static function read(string $text, array $units): ?self
    {
        $plain = mb_strtolower(trim(strtr($text, ['′' => "'", '’' => "'", '″' => '"', '”' => '"', "\u{2212}" => '-', '°' => ''])));
        $whole = Amount::parse($plain);
        if ($whole !== null) {
            return new self($whole, null);
        }
        $part = '(' . self::NUMBER . ')\s*(\p{L}+\.?|["\'])?';
        if (preg_match("~\\A{$part}(?:[\\s,]*(?:and|y)?\\s*{$part})?\\z~u", $plain, $m) !== 1) {
            return null;
        }

        return self::of(Amount::parse($m[1]), self::unit($m[2] ?? '', $units), Amount::parse($m[3] ?? ''), self::unit($m[4] ?? '', $units));
    }

    private static function of(int|float|null $large, ?string $unit, int|float|null $small, ?string $smallUnit): ?self
    {
        if ($large === null || $unit === null || $unit === '') {
            return null;
        }
        if ($small === null) {
            return $smallUnit !== null ? null : self::inFormat($large, $unit);
        }
        if (! isset(self::SMALLER[$unit])) {
            return null;
        }
        [$smaller, $many] = self::SMALLER[$unit];

        return $smaller === ($smallUnit ?? $smaller) && $small >= 0 && $small < $many
            ? self::inFormat($large + $small / $many, $unit)
            : null;
    }

    private static function inFormat(int|float $value, string $unit): self
    {
        [$said, $many] = self::SAID_AS[$unit] ?? [$unit, 1];
        $in = round($value * $many, 6);

        return new self($in === floor($in) ? (int) $in : $in, $said);
    }

    /** @param array<string, string> $units */
    private static function unit(string $name, array $units): ?string
    {
        return match ($name) {
            '' => null,
            "'" => 'ft',
            '"' => 'in',
            default => $units[rtrim($name, '.')] ?? '',
        };
    }
}
