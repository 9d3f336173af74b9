<?php

declare(strict_types=1);

namespace Tests;

use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Present\Words\Lexicon;
use MintBuckle\Present\Words\Teller;

/** The product's own words, read without the framework. */
final class Told
{
    /** @var array<string, Lexicon> */
    private static array $read = [];

    /** @return array<string, string> the locale of every language there is */
    public static function locales(): array
    {
        /** @var array<string, array{locale: string, name: string}> $known */
        $known = require dirname(__DIR__) . '/config/languages.php';

        return array_map(static fn(array $one): string => $one['locale'], $known);
    }

    public static function in(string $language): Teller
    {
        return new Teller(self::lexicon($language));
    }

    public static function english(Message|Listing $message): string
    {
        return self::in('en')->sentence($message);
    }

    /**
     * @param list<Message> $messages
     * @return list<string>
     */
    public static function all(array $messages): array
    {
        return array_map(self::english(...), $messages);
    }

    public static function lexicon(string $language): Lexicon
    {
        return self::$read[$language] ??= new Lexicon(
            $language,
            self::locales()[$language],
            static function (string $file) use ($language): array {
                $path = dirname(__DIR__) . "/lang/{$language}/{$file}.php";

                return is_file($path) ? (array) require $path : [];
            },
            $language === 'en' ? null : self::lexicon('en'),
        );
    }

    /** @return list<string> names of the language's files */
    public static function files(string $language): array
    {
        return array_map(static fn(string $path): string => basename($path, '.php'), glob(dirname(__DIR__) . "/lang/{$language}/*.php") ?: []);
    }
}
