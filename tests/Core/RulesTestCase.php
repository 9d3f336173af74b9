<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** A rule is tested on a whole case: every finding and every question is compared, so an extra one fails. */
abstract class RulesTestCase extends TestCase
{
    protected const REAR = Cases::REAR;

    protected const FORWARD = Cases::FORWARD;

    protected const NZ = Cases::NZ;

    protected const BOOSTER = Cases::BOOSTER;

    /** @return iterable<string, array{0: string, 1: array<string, mixed>, 2: list<string>, 3?: list<string>}> case, changes, findings, questions */
    abstract public static function cases(): iterable;

    /**
     * @param array<string, mixed> $changes
     * @param list<string> $findings
     * @param list<string> $questions
     */
    #[DataProvider('cases')]
    public function testWholeAnswer(string $case, array $changes, array $findings, array $questions = []): void
    {
        $assessment = Cases::assess($case, $changes);

        self::assertSame([$findings, $questions], [Cases::found($assessment), Cases::asked($assessment)]);
        foreach ($assessment->findings as $finding) {
            foreach (array_keys(Told::locales()) as $language) {
                self::assertMatchesRegularExpression('/^[\p{Lu}"0-9].*[.]$/su', Told::in($language)->message($finding), 'a plain sentence');
                self::assertMatchesRegularExpression('/^\p{Lu}.*[.]$/su', Told::in($language)->remedy($finding), 'what to do next');
            }
            self::assertNotSame([], $finding->sources, 'a source with its mark');
        }
    }
}
