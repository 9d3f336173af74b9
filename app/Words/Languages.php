<?php

declare(strict_types=1);

namespace App\Words;

use InvalidArgumentException;
use MintBuckle\Present\Words\Lexicon;
use MintBuckle\Present\Words\Teller;
use MintBuckle\Present\Words\WrittenWords;

/** The languages there are: one folder each in lang/, one line each in config/languages.php. */
final class Languages
{
    /** What every other language falls back to, key by key. */
    public const FIRST = 'en';

    /** @var array<string, Lexicon> */
    private array $read = [];

    private ?WrittenWords $written = null;

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

    /**
     * In which a family's sheet is printed: its own, and beside it, where that is asked for, the one its helpers read or the first other.
     *
     * @return non-empty-list<string>
     */
    public function ofSheet(string $family, bool $both): array
    {
        $own = $this->has($family) ? $family : self::FIRST;
        $others = array_values(array_diff([app()->getLocale(), ...array_keys($this->known)], [$own]));

        return $both && $others !== [] ? [$own, $others[0]] : [$own];
    }

    /** In which dates and measurements may be written, whatever the reader's own language. */
    public function written(): WrittenWords
    {
        return $this->written ??= WrittenWords::of(array_map($this->lexicon(...), array_keys($this->known)));
    }

    /** @return non-empty-list<Teller> of every language */
    public function tellers(): array
    {
        $others = array_diff(array_keys($this->known), [self::FIRST]);

        return [$this->teller(self::FIRST), ...array_map($this->teller(...), array_values($others))];
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
