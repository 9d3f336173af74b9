<?php

declare(strict_types=1);

namespace MintBuckle\Present\Words;

use Closure;
use IntlException;
use MessageFormatter;

/** The words of one language, by key, as patterns of ICU MessageFormat. A key that it lacks is told in English. */
final class Lexicon
{
    /** @var array<string, array<array-key, mixed>> by file, as they stand */
    private array $files = [];

    /** @var array<string, MessageFormatter> by pattern: to take one apart costs more than to fill it */
    private array $formatters = [];

    /** @var array<string, string|null> by key: what was asked for */
    private array $found = [];

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
        if (! array_key_exists($key, $this->found)) {
            $file = strstr($key, '.', true) ?: $key;
            $this->files[$file] ??= ($this->read)($file);
            $rest = substr($key, strlen($file) + 1);
            $this->found[$key] = self::below($this->files[$file], $rest)
                ?? (str_contains($rest, '/') ? self::below($this->files[$file], self::withoutVariant($rest)) : null)
                ?? $this->fallback?->find($key);
        }

        return $this->found[$key];
    }

    /** The same; a key that no language has is told as it is. */
    public function pattern(string $key): string
    {
        return $this->find($key) ?? $key;
    }

    /**
     * @param array<string, string|int> $with
     * @return string|false false where the pattern is none
     */
    public function format(string $pattern, array $with): string|false
    {
        try {
            $this->formatters[$pattern] ??= new MessageFormatter($this->locale, $pattern);
        } catch (IntlException) {
            return false;
        }

        return $this->formatters[$pattern]->format($with);
    }

    /** @return array<string, string> patterns by key */
    public function file(string $name): array
    {
        return self::flat(($this->read)($name), "{$name}.");
    }

    /**
     * A pattern in a nest whose keys may hold dots themselves. Only what is asked for is looked up: a page needs few of a language's words.
     *
     * @param array<array-key, mixed> $nested
     */
    private static function below(array $nested, string $key): ?string
    {
        $whole = $nested[$key] ?? null;
        if (is_string($whole)) {
            return $whole;
        }
        for ($dot = strrpos($key, '.'); $dot !== false && $dot > 0; $dot = strrpos($key, '.', $dot - strlen($key) - 1)) {
            $inner = $nested[substr($key, 0, $dot)] ?? null;
            $found = is_array($inner) ? self::below($inner, substr($key, $dot + 1)) : null;
            if ($found !== null) {
                return $found;
            }
        }

        return null;
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
