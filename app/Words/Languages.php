<?php

declare(strict_types=1);

namespace App\Words;

use InvalidArgumentException;
use MintBuckle\Present\Words\Lexicon;
use MintBuckle\Present\Words\Teller;

/** The languages there are: one folder each in lang/, one line each in config/languages.php. */
final class Languages
{
    /** What every other language falls back to, key by key. */
    public const FIRST = 'en';

    /** @var array<string, Lexicon> */
    private array $read = [];

    /** @param array<string, array{locale: string, name: string}> $known by language */
    public function __construct(private readonly array $known, private readonly string $folder) {}

    public function has(string $language): bool
    {
        return isset($this->known[$language]);
    }

    /** @return array<string, string> each language's own name for itself */
    public function names(): array
    {
        return array_map(static fn(array $one): string => $one['name'], $this->known);
    }

    public function teller(string $language): Teller
    {
        return new Teller($this->lexicon($language));
    }

    /** @throws InvalidArgumentException for a language there is not */
    public function lexicon(string $language): Lexicon
    {
        $known = $this->known[$language] ?? throw new InvalidArgumentException("there is no language {$language}");

        return $this->read[$language] ??= new Lexicon(
            $language,
            $known['locale'],
            function (string $file) use ($language): array {
                $path = "{$this->folder}/{$language}/{$file}.php";

                return is_file($path) ? (array) require $path : [];
            },
            $language === self::FIRST ? null : $this->lexicon(self::FIRST),
        );
    }
}
