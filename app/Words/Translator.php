<?php

declare(strict_types=1);

namespace App\Words;

use DateTimeInterface;
use Illuminate\Translation\Translator as LaravelTranslator;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Telling\Message;

/**
 * Laravel's __() with this product's language files: patterns of ICU MessageFormat, which may be given whatever can be told, in the
 * reader's units. The framework's own words (validation) stay Laravel's to fill in.
 *
 * @phpstan-import-type Told from Message
 */
final class Translator extends LaravelTranslator
{
    /** What the framework's patterns name ":attribute". */
    private const FRAMEWORKS = ['validation', 'auth', 'pagination', 'passwords'];

    /**
     * @param array<string, Told|DateTimeInterface> $replace
     * @return string|array<array-key, mixed>
     */
    public function get($key, array $replace = [], $locale = null, $fallback = true): string|array
    {
        if (in_array(strstr($key, '.', true), self::FRAMEWORKS, true) || ! str_contains($key, '.')) {
            return parent::get($key, $replace, $locale, $fallback);
        }
        return Telling::now()->tell(new Message($key, array_map(
            static fn(mixed $value): mixed => $value instanceof DateTimeInterface ? self::day($value) : $value,
            $replace,
        )));
    }

    private static function day(DateTimeInterface $moment): CalendarDate
    {
        return CalendarDate::parse($moment->format('Y-m-d'));
    }
}
