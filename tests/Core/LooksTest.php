<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\Definition\FactDefinition;
use MintBuckle\Core\Facts\Definition\FactDefinitions;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** Plain looks that stand together as a list in words of the good state: what may stand there and what never does. */
final class LooksTest extends TestCase
{
    /** @return iterable<string, array{Askable}> */
    public static function looks(): iterable
    {
        foreach (Station::cases() as $station) {
            foreach (Questionnaire::standard()->at($station) as $askable) {
                if ($askable->good !== null) {
                    yield $askable->path => [$askable];
                }
            }
        }
    }

    /** A list never holds a fact that a stop rule reads, nor a measurement. */
    #[DataProvider('looks')]
    public function testNoneStopsASeat(Askable $look): void
    {
        self::assertContains($look->kind, [AnswerKind::YesNo, AnswerKind::Choice]);
        $stops = array_filter(
            Rulebook::current()->codes(),
            static fn($code): bool => $code->station() !== Station::Child
                && in_array(Severity::Stop, Rulebook::current()->finds($code)->severities, true)
                && in_array($look->path, Rulebook::current()->finds($code)->mendedBy, true),
        );
        self::assertSame([], array_values($stops));
        foreach (self::cases($look) as [$case, $changes]) {
            foreach (array_keys($look->choices(Cases::read($case))) as $answer) {
                $value = $look->kind === AnswerKind::YesNo ? $answer === 'yes' : $answer;
                $findings = Cases::assess($case, $changes + [self::path($look) => $value])->findings;
                self::assertSame([], array_filter($findings, static fn(Finding $f): bool => $f->severity === Severity::Stop), "{$case}: {$look->path} {$answer}");
            }
        }
    }

    /** The good answer is one that there is, has its words, and finds nothing that another answer does not. */
    #[DataProvider('looks')]
    public function testTheGoodAnswerIsGood(Askable $look): void
    {
        $choices = $look->choices(Cases::read(Cases::REAR));
        self::assertArrayHasKey((string) $look->good, $choices);
        foreach (array_keys(Told::locales()) as $language) {
            self::assertMatchesRegularExpression('/^\p{Lu}[^?]+[^.?]$/u', Told::in($language)->tell($look->goodState()));
        }
        $found = 0;
        foreach (self::cases($look) as [$case, $changes]) {
            $codes = static fn(string|int $answer): array => array_map(
                static fn(Finding $f): string => $f->code->value,
                Cases::assess($case, $changes + [self::path($look) => $look->kind === AnswerKind::YesNo ? $answer === 'yes' : $answer])->findings,
            );
            foreach (array_diff(array_keys($choices), [$look->good]) as $fault) {
                self::assertSame([], array_values(array_diff($codes((string) $look->good), $codes($fault))), "{$case}: {$look->path}");
                $found += count(array_diff($codes($fault), $codes((string) $look->good)));
            }
        }
        self::assertGreaterThan(0, $found, 'a line that is not so is a fault');
    }

    /** A fact of a place is one of the place in use. */
    private static function path(Askable $look): string
    {
        return str_replace('vehicle.positions.*.', 'vehicle.positions.1.', $look->path);
    }

    /** @return iterable<array{string, array<string, mixed>}> */
    private static function cases(Askable $look): iterable
    {
        foreach ($look->station === Station::Bus ? Cases::GOOD_ON_BUS : [] as $case) {
            yield [$case, []];
        }
        if ($look->station === Station::Bus) {
            return;
        }
        foreach (Cases::GOOD as $case) {
            yield [$case, []];
        }
        yield [Cases::REAR, ['seat.clamp_door' => true, 'setup.lock' => ['clamp_door'], 'setup.lockoff_used' => null]];
        yield [Cases::REAR, ['setup.held_by' => 'lower_anchors', 'setup.lock' => null]];
        yield [Cases::BOOSTER, ['setup.mode' => 'belt_only', 'setup.belt_fit' => array_fill_keys(['back', 'knees', 'lap', 'shoulder', 'stays'], true), 'child.born_on' => '2016-01-01', 'child.height' => Cases::q(1450, 'mm')]];
    }

    public function testOnlyGoodStatesHaveTheirWords(): void
    {
        /** @var array<string, array<string, mixed>|string> $words */
        $words = require dirname(__DIR__, 2) . '/lang/en/facts.php';
        $declared = array_map(
            static fn(FactDefinition $f): string => $f->path,
            array_values(array_filter(FactDefinitions::below(CaseFile::class), static fn(FactDefinition $f): bool => $f->field->good !== null)),
        );
        self::assertGreaterThan(25, count($declared));
        self::assertEqualsCanonicalizing($declared, array_keys(array_filter($words, static fn(mixed $of): bool => is_array($of) && isset($of['good']))));
    }
}
