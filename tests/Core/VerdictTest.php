<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\SourceKind;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Finding\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The worst open finding decides; a question never lets a check finish. */
final class VerdictTest extends TestCase
{
    /** @return iterable<string, array{list<Severity>, bool, Verdict}> severities, whether a question is open, verdict */
    public static function verdicts(): iterable
    {
        yield 'nothing' => [[], false, Verdict::GoodToRide];
        yield 'advice alone' => [[Severity::Advise], false, Verdict::GoodToRide];
        yield 'a question' => [[], true, Verdict::NotFinished];
        yield 'advice and a question' => [[Severity::Advise], true, Verdict::NotFinished];
        yield 'to find out' => [[Severity::Ask], false, Verdict::NotFinished];
        yield 'to find out and advice' => [[Severity::Advise, Severity::Ask], false, Verdict::NotFinished];
        yield 'a fix' => [[Severity::Fix], false, Verdict::FixFirst];
        yield 'a fix and a question' => [[Severity::Fix], true, Verdict::FixFirst];
        yield 'a fix after everything milder' => [[Severity::Advise, Severity::Ask, Severity::Fix], true, Verdict::FixFirst];
        yield 'a stop' => [[Severity::Stop], false, Verdict::DoNotUse];
        yield 'a stop and a question' => [[Severity::Stop], true, Verdict::DoNotUse];
        yield 'a stop before everything milder' => [[Severity::Stop, Severity::Fix, Severity::Ask, Severity::Advise], true, Verdict::DoNotUse];
        yield 'a stop after everything milder' => [[Severity::Advise, Severity::Fix, Severity::Stop], false, Verdict::DoNotUse];
    }

    /** @param list<Severity> $severities */
    #[DataProvider('verdicts')]
    public function testVerdict(array $severities, bool $question, Verdict $verdict): void
    {
        $findings = array_map(static fn(Severity $s): Finding => new Finding(Code::of('secure.twist'), $s, 'It is so.', 'Do this.'), $severities);
        $questions = $question ? [new Question('setup.twisted', Station::Secure)] : [];

        self::assertSame($verdict, Verdict::of($findings, $questions));
    }

    public function testASeveritysMarkIsItsVerdicts(): void
    {
        foreach (Severity::cases() as $severity) {
            $alone = Verdict::of([new Finding(Code::of('secure.twist'), $severity, 'It is so.', 'Do this.')], []);
            self::assertSame($alone, $severity->verdict(), $severity->value);
        }
    }

    public function testRanksFallFromStopToAdvice(): void
    {
        self::assertSame([0, 1, 2, 3], array_map(static fn(Severity $s): int => $s->rank(), Severity::cases()));
        self::assertSame(['P', 'C', 'M'], array_map(static fn(SourceKind $k): string => $k->mark(), SourceKind::cases()));
    }

    public function testStationsAreWorkedInOrder(): void
    {
        self::assertSame(range(1, 8), array_map(static fn(Station $s): int => $s->number(), Station::of(onBus: false)));
        self::assertSame(range(1, 9), array_map(static fn(Station $s): int => $s->number(onBus: true), Station::of(onBus: true)));
        self::assertSame(Station::Handover, Station::Buckle->after());
        self::assertSame([Station::Bus, Station::Bus], [Station::Buckle->after(onBus: true), Station::Handover->before(onBus: true)]);
        self::assertNull(Station::Label->before());
        self::assertNull(Station::Handover->after());
        self::assertSame(Station::Place, Station::Child->after());
        self::assertSame(Station::Child, Station::Place->before());
    }

    public function testFindingsStandInStationOrderWorstFirst(): void
    {
        $assessment = Cases::assess(Cases::REAR, [
            'setup.harness.tail_loose' => true,
            'setup.harness.coat' => true,
            'seat.registered' => false,
            'seat.history.altered' => true,
            'seat.use_until' => '2020',
            'setup.twisted' => true,
            'setup.anchor_tail_loose' => true,
            'handover.shown_back' => false,
        ]);

        self::assertSame([
            'stop expiry.passed',
            'advise register.missing',
            'stop condition.altered',
            'fix secure.twist',
            'advise secure.tail',
            'fix harness.coat',
            'advise harness.tail',
            'ask handover.not_shown_back',
        ], Cases::found($assessment));
        self::assertSame(Verdict::DoNotUse, $assessment->verdict);
        self::assertSame(Verdict::FixFirst, $assessment->verdictAt(Station::Secure));
        self::assertSame(Verdict::GoodToRide, $assessment->verdictAt(Station::Measure));
        self::assertSame(Verdict::NotFinished, $assessment->verdictAt(Station::Handover));
        self::assertCount(2, $assessment->findingsAt(Station::Buckle));
    }

    public function testAFactIsAskedOnceWithTheWorstItCouldBe(): void
    {
        $assessment = Cases::assess(Cases::REAR, ['child.weight' => null, 'setup.held_by' => 'lower_anchors', 'setup.anchor_designated' => true, 'setup.hook_right_way_up' => true]);

        self::assertSame(['child.weight'], Cases::asked($assessment));
        self::assertSame(Severity::Stop, $assessment->questions[0]->couldBe);
    }

    public function testEveryStationSaysWhatIsItsOwn(): void
    {
        $assessment = Cases::assess(Cases::REAR, ['setup.movement' => null, 'setup.harness.clip' => 'low', 'seat.history.crash' => null, 'handover.shown_back' => null]);
        $asked = static fn(Station $station): array => array_map(static fn(Question $q): string => $q->path, $assessment->questionsAt($station));

        self::assertSame(['seat.history.crash'], $asked(Station::History));
        self::assertSame(['handover.shown_back'], $asked(Station::Handover));
        self::assertSame([], $asked(Station::Label));
        self::assertSame([Verdict::GoodToRide, Verdict::NotFinished, Verdict::FixFirst], array_map($assessment->verdictAt(...), [Station::Label, Station::Measure, Station::Buckle]));
    }
}
