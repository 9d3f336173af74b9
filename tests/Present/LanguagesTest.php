<?php

declare(strict_types=1);

namespace Tests\Present;

use FilesystemIterator;
use MessageFormatter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Tests\Told;

/** Every language has every key, with the same parameters; every pattern can be told with whatever it may be given; none is unused. */
final class LanguagesTest extends TestCase
{
    /** Laravel fills these in itself, by its own marks. */
    private const FRAMEWORKS = ['validation'];

    /** Where words are asked for. */
    private const ASKING = ['app', 'core', 'present', 'resources/views', 'config'];

    /** Told alike in every language: figures, marks, names of works and what is typed as it stands. */
    private const ALIKE = '~^(sources\.|common\.units_of\.|manual_text\.|catalogue\.rows\.(examples|units)\.|own_practice\.examples\.|telling\.(length|mass|angle|list|symbol|share|year)|stand_ins\.)~';

    /** Words that are the same in Spanish, and why. */
    private const SAME = [
        'base' => 'the same word',
        'convertible' => 'the same word',
        'retractor' => 'the same word',
        'clip' => 'what the trade calls it in Spanish too',
        'no' => 'the same word',
        'australia' => 'the same name',
        'fmvss 213' => 'the name of a standard',
        'as/nzs 1754' => 'the name of a standard',
        'ece r44' => 'the name of a standard',
        'ece r129' => 'the name of a standard',
    ];

    /** @return iterable<string, array{string}> */
    public static function others(): iterable
    {
        foreach (array_keys(Told::locales()) as $language) {
            if ($language !== 'en') {
                yield $language => [$language];
            }
        }
    }

    #[DataProvider('others')]
    public function testEveryKeyWithTheSameParameters(string $language): void
    {
        $english = self::patterns('en');
        $other = self::patterns($language);
        self::assertSame([], array_keys(array_diff_key($english, $other)), 'lacking');
        self::assertSame([], array_keys(array_diff_key($other, $english)), 'too many');
        $differ = array_filter(
            array_keys($english),
            static fn(string $key): bool => array_keys(self::parameters($english[$key])) !== array_keys(self::parameters($other[$key])),
        );
        self::assertSame([], array_values($differ));
    }

    #[DataProvider('others')]
    public function testNoneIsUntranslated(string $language): void
    {
        $english = self::patterns('en');
        $same = array_filter(
            self::patterns($language),
            static fn(string $pattern, string $key): bool => $pattern === $english[$key]
                && preg_match('/\p{L}{2}/u', (string) preg_replace('/\{\w+(, \w+,)?|\b(other|one|yes|no) \{/', '', $pattern)) === 1
                && preg_match(self::ALIKE, $key) !== 1
                && ! isset(self::SAME[mb_strtolower($pattern)]),
            ARRAY_FILTER_USE_BOTH,
        );
        self::assertSame([], $same);
    }

    /** @return iterable<string, array{string}> */
    public static function languages(): iterable
    {
        foreach (array_keys(Told::locales()) as $language) {
            yield $language => [$language];
        }
    }

    #[DataProvider('languages')]
    public function testEveryPatternIsToldWithWhateverItMayBeGiven(string $language): void
    {
        $told = 0;
        foreach (self::patterns($language) as $key => $pattern) {
            foreach (self::givens(self::parameters($pattern)) as $given) {
                $text = $given === [] ? $pattern : MessageFormatter::formatMessage(Told::locales()[$language], $pattern, $given);
                self::assertIsString($text, "{$key}: {$pattern}");
                self::assertDoesNotMatchRegularExpression('/[{}]|\s{2}| [,.;:](?!\.)|\(\s|\s\)/', $text, "{$key} with " . json_encode($given));
                $told++;
            }
        }
        self::assertGreaterThan(count(self::patterns($language)), $told);
    }

    public function testEveryKeyThatIsAskedForIsThere(): void
    {
        $patterns = self::patterns('en');
        $lacking = [];
        foreach (self::sources() as $source) {
            preg_match_all('/(?:__\(|new Message\(\s*|->word\()\'([a-z_]+\.[^\']*[^.\'])\'\s*[,)]/', $source, $found);
            $lacking = [...$lacking, ...array_filter($found[1], static fn(string $key): bool => ! isset($patterns[$key]))];
        }
        self::assertSame([], $lacking);
    }

    public function testNoneIsUnused(): void
    {
        $asked = self::asked();
        $whole = array_flip($asked['whole']);
        $like = '~^(' . implode('|', array_unique($asked['like'])) . ')$~';
        $unused = array_filter(
            array_keys(self::patterns('en')),
            static fn(string $key): bool => ! isset($whole[$key]) && preg_match($like, $key) !== 1,
        );
        self::assertSame([], array_values($unused));
    }

    /** @return array<string, string> */
    private static function patterns(string $language): array
    {
        $patterns = [];
        foreach (array_diff(Told::files($language), self::FRAMEWORKS) as $file) {
            $patterns += Told::lexicon($language)->file($file);
        }
        ksort($patterns);

        return $patterns;
    }

    /**
     * What a pattern is given, by name: the choices of a select, some numbers for a plural, a name for the rest.
     *
     * @return array<string, list<string|int>>
     */
    private static function parameters(string $pattern): array
    {
        $parameters = [];
        $at = 0;
        self::read($pattern, $at, $parameters);
        ksort($parameters);

        return array_map(static fn(array $given): array => $given === [] ? ['Ab'] : array_values(array_unique($given)), $parameters);
    }

    /**
     * A message up to the brace that ends it.
     *
     * @param array<string, list<string|int>> $parameters
     */
    private static function read(string $pattern, int &$at, array &$parameters): void
    {
        while ($at < strlen($pattern) && $pattern[$at] !== '}') {
            if ($pattern[$at] === '{') {
                if (preg_match('/\G\{(\w+)(?:, (\w+))?,?/', $pattern, $m, 0, $at) !== 1) {
                    self::fail($pattern);
                }
                $at += strlen($m[0]);
                $parameters[$m[1]] = [...$parameters[$m[1]] ?? [], ...(in_array($m[2] ?? '', ['plural', 'number'], true) ? [0, 1, 2, 5] : [])];
                while (preg_match('/\G\s*(=?\w+)\s*\{/', $pattern, $choice, 0, $at) === 1) {
                    $at += strlen($choice[0]);
                    if (($m[2] ?? '') === 'select') {
                        $parameters[$m[1]][] = $choice[1];
                    }
                    self::read($pattern, $at, $parameters);
                }
            }
            $at++;
        }
        $at++;
    }

    /**
     * @param array<string, list<string|int>> $parameters
     * @return iterable<array<string, string|int>> every combination
     */
    private static function givens(array $parameters): iterable
    {
        if ($parameters === []) {
            yield [];

            return;
        }
        $name = (string) array_key_first($parameters);
        foreach (self::givens(array_slice($parameters, 1, null, true)) as $rest) {
            foreach ($parameters[$name] as $value) {
                yield [$name => $value] + $rest;
            }
        }
    }

    /** @return array{whole: list<string>, like: list<string>} texts that may be keys, and patterns of those put together */
    private static function asked(): array
    {
        $whole = $like = [];
        foreach (self::sources() as $source) {
            preg_match_all('/\'([a-z_]+\.[^\'\s]*)\'|"([a-z_]+\.(?:[^"\s{]|\{[^}]*\})*)"/', $source, $found, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
            foreach ($found as [, $plain, $filled]) {
                $text = (string) ($plain ?? $filled);
                if (str_contains($text, '{') || str_ends_with($text, '.')) {
                    $like[] = implode('.+', array_map(static fn(string $part): string => preg_quote($part, '~'), preg_split('/\{[^}]*\}/', $text) ?: [])) . (str_ends_with($text, '.') ? '.+' : '');
                } else {
                    $whole[] = $text;
                }
            }
        }

        foreach (glob(dirname(__DIR__, 2) . '/resources/js/*.js') ?: [] as $script) {
            preg_match_all('/\bword\(([^;]*)/', (string) file_get_contents($script), $calls);
            preg_match_all('/\'([a-z_]+)\'/', implode(' ', $calls[1]), $named);
            $whole = [...$whole, ...array_map(static fn(string $name): string => "scripts.{$name}", $named[1])];
        }

        return ['whole' => $whole, 'like' => $like];
    }

    /** @return iterable<string> */
    private static function sources(): iterable
    {
        foreach (self::ASKING as $root) {
            $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2) . "/{$root}", FilesystemIterator::SKIP_DOTS));
            foreach ($files as $file) {
                assert($file instanceof SplFileInfo);
                yield (string) file_get_contents($file->getPathname());
            }
        }
    }
}
