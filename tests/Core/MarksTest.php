<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\SourceKind;
use MintBuckle\Core\Practice\Layer;
use MintBuckle\Core\Recall\NearNames;
use MintBuckle\Core\Rulebook;
use MintBuckle\Present\Handbook\RuleText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** The mark beside each rule of the handbook is the one that its findings carry; layers and near names in words. */
final class MarksTest extends TestCase
{
    /** What is cited as it was entered or loaded, beside what stands behind the rule. */
    private const AS_ENTERED = '/, as entered$|^recall list, campaign|^the practice /';

    /** Rules that follow the label's standard cite the convention's own source. */
    private const BY_CONVENTION = ['harness.height', 'harness.slack', 'harness.wrong_test'];

    #[Group('slow')]
    public function testFindingsCarryWhatTheHandbookMarks(): void
    {
        $seen = [];
        $texts = static fn(array $cited): array => array_map(static fn(mixed $s): string => $s instanceof Citation ? Told::in('en')->tell($s->text()) : '', array_values($cited));
        foreach ([LabelRulesTest::cases(), HistoryRulesTest::cases(), ChildRulesTest::cases(), PlaceRulesTest::cases(), SecureRulesTest::cases(), MeasureRulesTest::cases(), BuckleRulesTest::cases(), BusRulesTest::cases(), HandoverRulesTest::cases()] as $rows) {
            foreach ($rows as $name => [$case, $changes]) {
                foreach (Cases::assess($case, $changes)->findings as $finding) {
                    $own = array_filter($finding->sources, static fn(Citation $s): bool => preg_match(self::AS_ENTERED, Told::in('en')->tell($s->text())) !== 1);
                    $cited = $texts(Rulebook::current()->finds($finding->code, $finding->subject)->citations());
                    if (! in_array($finding->code->value, self::BY_CONVENTION, true)) {
                        self::assertSame([], array_values(array_diff($texts($own), [...$cited, 'common practice of the trade'])), "{$name}: {$finding->code->value}");
                    }
                    $seen[$finding->code->value][$finding->severity->value] = $finding->severity;
                }
            }
        }
        self::assertGreaterThan(90, count($seen));
        foreach ($seen as $code => $severities) {
            $undeclared = array_udiff($severities, Rulebook::current()->finds(Code::of($code))->severities, static fn(Severity $a, Severity $b): int => $a->rank() <=> $b->rank());
            self::assertSame([], $undeclared, "{$code} weighs what its rule declares");
        }
    }

    public function testEveryRuleIsMarked(): void
    {
        foreach (Rulebook::current()->codes() as $code) {
            $mark = Told::in('en')->show(RuleText::of($code)->mark);
            $kinds = array_map(static fn(Citation $s): SourceKind => $s->kind, Rulebook::current()->finds($code)->citations());
            self::assertSame(in_array(SourceKind::Memory, $kinds, true), str_contains($mark, '(from memory)'), $code->value);
            self::assertSame($kinds === [SourceKind::Common], $mark === 'C', $code->value);
        }
        self::assertSame('M: 49 CFR 588 (from memory)', Told::in('en')->show(RuleText::of(Code::of('register.missing'))->mark), 'a figure that stands from memory is not marked as published');
    }

    /** @return iterable<string, array{string, string}> */
    public static function layers(): iterable
    {
        yield 'seat' => ['seat', 'the seat\'s own label or manual'];
        yield 'vehicle' => ['vehicle', 'the vehicle\'s manual'];
        yield 'law' => ['law', 'the law, as entered for this day'];
        yield 'standard' => ['standard:asnzs1754', 'the standard on the label (AS/NZS 1754)'];
        yield 'a standard nobody knows' => ['standard:gx-77', 'the standard on the label (gx-77)'];
        yield 'practice' => ['practice:nz', 'the practice of this event (NZ)'];
        yield 'default' => ['default', 'the handbook'];
    }

    #[DataProvider('layers')]
    public function testLayersInWords(string $from, string $words): void
    {
        self::assertSame($words, Told::in('en')->tell(Layer::words($from)));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function near(): iterable
    {
        yield 'a letter too few' => ['Ottermor', ['Ottermoor']];
        yield 'more words than the name' => ['OTTERMOOR inc.', ['Ottermoor']];
        yield 'a number without its letters' => ['220', ['OM-220']];
        yield 'however it is written' => ['om 220', ['OM-220']];
        yield 'nothing like it' => ['Zzyx', []];
        yield 'nothing typed' => ['--', []];
    }

    /** @param list<string> $expected */
    #[DataProvider('near')]
    public function testNearNames(string $typed, array $expected): void
    {
        self::assertSame($expected, NearNames::of($typed, ['Pellwick', 'Ottermoor', 'OM-220', 'PW-410']));
    }

    /** Two letters within a name are enough, one is not; the last letters count as the first do. */
    public function testHowLittleIsNear(): void
    {
        self::assertSame(['Ottermoor'], NearNames::of('mo', ['Ottermoor']));
        self::assertSame([], NearNames::of('m', ['Ottermoor']));
        self::assertSame(['Bossy'], NearNames::of('Mossy', ['Bossy']));
        self::assertSame(['Quoll'], NearNames::of('Quill', ['Quoll']));
        self::assertSame([], NearNames::of('Moss', ['Boss']));
        self::assertSame(['abcxyz'], NearNames::of('abcde', ['abcxyz', 'abcxyzw']), 'three triples of ten are enough, three of eleven are not');
    }

    public function testTheNearestComesFirstAndFiveAreEnough(): void
    {
        self::assertSame(['OM-220', 'OM-220 X'], NearNames::of('om220', ['OM-220 X', 'OM-220', 'PW-1']));
        self::assertCount(5, NearNames::of('om', ['OM-1', 'OM-2', 'OM-3', 'OM-4', 'OM-5', 'OM-6']));
    }
}
