<?php

declare(strict_types=1);

namespace MintBuckle\Present\Words;

use IntlDateFormatter;

/** The words in which dates and measurements are written, of every language at once: a label's months need not be the reader's. */
final readonly class WrittenWords
{
    private const UNITS = ['lb', 'oz', 'kg', 'g', 'ft', 'in', 'm', 'cm', 'mm'];

    /**
     * @param array<string, int> $months 1 to 12 by name, whole and short
     * @param array<string, string> $units symbol by name
     */
    private function __construct(public array $months, public array $units) {}

    /** @param list<Lexicon> $languages */
    public static function of(array $languages): self
    {
        $months = $units = [];
        foreach ($languages as $language) {
            foreach (['MMM', 'MMMM', 'LLL', 'LLLL'] as $pattern) {
                $months += self::months($language->locale, $pattern);
            }
            foreach (self::UNITS as $symbol) {
                $units += array_fill_keys(explode(' ', $language->pattern("written.units.{$symbol}")), $symbol);
            }
        }

        return new self($months, $units);
    }

    /** @return array<string, int> */
    private static function months(string $locale, string $pattern): array
    {
        $names = [];
        $formatter = new IntlDateFormatter(
            $locale,
            IntlDateFormatter::NONE,
            IntlDateFormatter::NONE,
            'UTC',
            IntlDateFormatter::GREGORIAN,
            $pattern,
        );
        foreach (range(1, 12) as $month) {
            $name = $formatter->format((int) gmmktime(0, 0, 0, $month, 15, 2001));
            $names[rtrim(mb_strtolower((string) $name), '.')] = $month;
        }

        return $names;
    }
}
