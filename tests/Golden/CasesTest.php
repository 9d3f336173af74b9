<?php

declare(strict_types=1);

namespace Tests\Golden;

use MintBuckle\Core\Assessor;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Rulebook;
use MintBuckle\Present\Words\AssessmentWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;
use Tests\Told;

/**
 * Whole checked cases. cases/ holds what must be true of each; assessments/ the whole answer as it was last reviewed.
 * After a wanted change: UPDATE_GOLDEN=1 vendor/bin/phpunit tests/Golden, then read the diff.
 */
final class CasesTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (glob(__DIR__ . '/cases/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    #[DataProvider('files')]
    public function testWhatMustBeTrue(string $file): void
    {
        [$answer, $expect] = self::answer($file);
        $findings = $answer['findings'];
        $codes = array_column($findings, 'code');
        self::assertSame($expect->verdict ?? $answer['verdict'], $answer['verdict']);
        self::assertSame([], array_diff($expect->must, $codes), 'missing');
        self::assertSame([], array_intersect($expect->must_not, $codes), 'forbidden');
        if ($expect->exact) {
            self::assertEqualsCanonicalizing($expect->must, $codes);
        }
        foreach (get_object_vars($expect->severity ?? new stdClass()) as $code => $severity) {
            self::assertSame($severity, array_column($findings, 'severity', 'code')[$code] ?? null, $code);
        }
        foreach (get_object_vars($expect->computed ?? new stdClass()) as $path => $value) {
            self::assertComputed($value, $answer['computed'], $path);
        }
        self::assertSame([], array_diff($expect->asks ?? [], $answer['questions']), 'not asked');
        self::assertSame([], array_intersect($expect->not_asks ?? [], $answer['questions']), 'asked');
        if ($expect->card_codes !== false) {
            self::assertCard($expect->card_codes, $answer['computed']['card'] === null ? null : array_column($answer['computed']['card'], 'code'));
        }
    }

    #[DataProvider('files')]
    public function testWholeAnswerAsReviewed(string $file): void
    {
        [$answer] = self::answer($file);
        GoldenFile::assertHolds('assessments/' . basename($file), $answer);
    }

    /**
     * @param list<string>|null $expected a code with a question mark may stand there or not
     * @param list<string>|null $codes
     */
    private static function assertCard(?array $expected, ?array $codes): void
    {
        $may = array_map(static fn(string $code): string => rtrim($code, '?'), array_filter($expected ?? [], static fn(string $code): bool => str_ends_with($code, '?')));
        $wanted = $expected === null ? null : array_values(array_filter(array_map(static fn(string $code): string => rtrim($code, '?'), $expected), static fn(string $code): bool => ! in_array($code, $may, true) || in_array($code, $codes ?? [], true)));
        self::assertSame($wanted, $codes);
    }

    /** @param array<mixed> $computed */
    private static function assertComputed(mixed $expected, array $computed, string $path): void
    {
        $value = $computed;
        foreach (explode('.', $path) as $key) {
            self::assertIsArray($value);
            $value = $value[$key] ?? null;
        }
        if ($expected instanceof stdClass) {
            self::assertIsArray($value);
            self::assertSame($expected->unit, $value['unit']);
            self::assertEqualsWithDelta($expected->value, $value['value'], is_float($expected->within) ? $expected->within : 0.0);
        } else {
            self::assertSame($expected, $value);
        }
    }

    /** @return array{array{verdict: string, findings: list<array{code: string, severity: string}>, questions: list<string>, computed: array{card: list<array{code: string}>|null}}, object{verdict: string, must: list<string>, must_not: list<string>, exact: bool, computed: stdClass, severity: stdClass|null, asks: list<string>|null, not_asks: list<string>|null, card_codes: list<string>|null|false}} */
    private static function answer(string $file): array
    {
        /** @var object{case: stdClass, expect: object{verdict: string, must: list<string>, must_not: list<string>, exact: bool, computed: stdClass, severity: stdClass|null, asks: list<string>|null, not_asks: list<string>|null, card_codes: list<string>|null|false}} $whole */
        $whole = json_decode((string) file_get_contents($file), false, 64, JSON_THROW_ON_ERROR);
        /** @var array{verdict: string, findings: list<array{code: string, severity: string}>, questions: list<string>, computed: array{card: list<array{code: string}>|null}} $answer */
        $answer = AssessmentWriter::toArray(Assessor::assess(Reader::fromObject($whole->case), Rulebook::current()), Told::in('en'));

        foreach (['severity' => null, 'asks' => null, 'not_asks' => null, 'card_codes' => false] as $key => $none) {
            $whole->expect->{$key} ??= property_exists($whole->expect, $key) ? null : $none;
        }

        return [$answer, $whole->expect];
    }
}
