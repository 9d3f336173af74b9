<?php

declare(strict_types=1);

namespace MintBuckle\Present\Words;

use Closure;

/** The words of one language, by key, as patterns of ICU MessageFormat. A key that it lacks is told in English. */
final class Lexicon
{
    /** @var array<string, array<string, string>> by file, by dotted key */
    private array $files = [];

    /**
     * @param string $language as in lang/: en, es
     * @param string $locale whose months and plurals it follows: en_US, es_419
     * @param Closure(string): array<array-key, mixed> $read what a file of the language returns; a key's first part names it
     */
    public function __construct(
        public readonly string $language,
        public readonly string $locale,
        private readonly Closure $read,
        private readonly ?self $fallback = null,
    ) {}

    /** The pattern of a key; a variant that has none of its own has its code's. Null where neither this language nor English has it. */
    public function find(string $key): ?string
    {
        $patterns = $this->file(strstr($key, '.', true) ?: $key);

        return $patterns[$key] ?? $patterns[self::withoutVariant($key)] ?? $this->fallback?->find($key);
    }

    /** The same; a key that no language has is told as it is. */
    public function pattern(string $key): string
    {
        return $this->find($key) ?? $key;
    }

    /** @return array<string, string> patterns by key */
    public function file(string $name): array
    {
        return $this->files[$name] ??= self::flat(($this->read)($name), "{$name}.");
    }

    /**
     * @param array<array-key, mixed> $nested
     * @return array<string, string>
     */
    private static function flat(array $nested, string $prefix): array
    {
        $patterns = [];
        foreach ($nested as $key => $value) {
            if (is_array($value)) {
                $patterns += self::flat($value, "{$prefix}{$key}.");
            } elseif (is_string($value)) {
                $patterns[$prefix . $key] = $value;
            }
        }

        return $patterns;
    }

    private static function withoutVariant(string $key): string
    {
        return (string) preg_replace('~/[^./]+(?=\.)~', '', $key);
    }
}
