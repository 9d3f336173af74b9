<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Practice\RegionalPractice;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Schools\Comparison;
use MintBuckle\Core\Schools\FigurePair;
use MintBuckle\Core\Schools\OwnFigures;
use MintBuckle\Core\Schools\PracticeFigure;
use MintBuckle\Core\Schools\SchoolPoint;
use MintBuckle\Core\Telling\Message;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SchoolsTest extends TestCase
{
    /** @return iterable<string, array{SchoolPoint}> */
    public static function points(): iterable
    {
        foreach (SchoolPoint::cases() as $point) {
            yield $point->value => [$point];
        }
    }

    /** Every row of the handbook's section 14 is reached from a finding and from a question, the one or the other way the child faces. */
    #[DataProvider('points')]
    public function testEveryPointIsReached(SchoolPoint $point): void
    {
        $by = ['finding' => false, 'question' => false];
        foreach ([true, false] as $facesRear) {
            foreach (Rulebook::current()->codes() as $code) {
                $by['finding'] = $by['finding'] || in_array($point, SchoolPoint::ofFinding(new Finding($code, Severity::Fix), $facesRear), true);
            }
            foreach (Questionnaire::standard()->all as $askable) {
                $path = str_replace('positions.*', 'positions.0', $askable->path);
                $by['question'] = $by['question'] || in_array($point, SchoolPoint::ofQuestion(new Question($path, $askable->station, Severity::Fix), $facesRear), true);
            }
        }
        self::assertSame(['finding' => true, 'question' => true], $by);
        self::assertSame(["schools.{$point->value}.point", "schools.{$point->value}.schools", "schools.{$point->value}.here"], array_map(static fn(Message $told): string => $told->key, array_values($point->told())));
    }

    public function testOneDirectionHasNoPointsOfTheOther(): void
    {
        $height = new Finding(Code::of('harness.height'), Severity::Fix);
        self::assertSame([SchoolPoint::RearStraps], SchoolPoint::ofFinding($height, true));
        self::assertSame([SchoolPoint::ForwardStraps], SchoolPoint::ofFinding($height, false));
    }

    /** What is told to differ is what two runs of the assessor do not have in common, and nothing else. */
    public function testDifferencesAreThoseOfTwoRuns(): void
    {
        $name = static fn(Finding $f): string => "{$f->code->value}/{$f->subject}";
        $paths = static fn(array $questions): array => array_map(static fn(mixed $q): string => $q instanceof Question ? $q->path : self::fail('no question'), $questions);
        $generated = new Generated(1814);
        $differing = 0;
        for ($i = 0; $i < 400; $i++) {
            [$case] = $generated->case();
            foreach (PracticeCode::cases() as $there) {
                $one = Generated::assess(Reader::fromObject($case));
                $told = Comparison::of($one->situation->case, $there, Rulebook::current());
                $read = Generated::with($case, 'practice', $there->value);
                if ($read === null) {
                    // Only a policy that another practice does not have; the facts themselves are taken under every practice.
                    continue;
                }
                $other = Generated::assess($read);
                [$a, $b] = [array_map($name, $one->findings), array_map($name, $other->findings)];
                self::assertSame([$one->verdict, $other->verdict], [$told->here->verdict, $told->there->verdict]);
                self::assertEqualsCanonicalizing(array_values(array_diff($a, $b)), array_map($name, $told->onlyHere));
                self::assertEqualsCanonicalizing(array_values(array_diff($b, $a)), array_map($name, $told->onlyThere));
                self::assertEqualsCanonicalizing(array_values(array_diff($paths($one->questions), $paths($other->questions))), $paths($told->askedHere));
                self::assertEqualsCanonicalizing(array_values(array_diff($paths($other->questions), $paths($one->questions))), $paths($told->askedThere));
                if ($there === $one->situation->case->practice) {
                    self::assertSame([false, [], []], [$told->differs(), $told->figures, $told->points]);
                }
                $differing += $told->differs() ? 1 : 0;
            }
        }
        self::assertGreaterThan(50, $differing);
    }

    public function testAMovementThatPassesHereAndNotThere(): void
    {
        $told = Comparison::of(Cases::read(Cases::REAR, ['setup.movement.side' => Cases::q(25, 'mm')]), PracticeCode::Nz, Rulebook::current());
        self::assertSame(Verdict::FixFirst, $told->there->verdict);
        self::assertContains('measure.loose', array_map(static fn(Finding $f): string => $f->code->value, $told->onlyThere));
        self::assertContains(SchoolPoint::Movement, $told->points);
        self::assertContains(PracticeFigure::Movement, array_map(static fn(FigurePair $p): PracticeFigure => $p->figure, $told->figures));
    }

    /** @return iterable<string, array{PracticeCode, string, string, string|null}> practice, figure, what is typed, what is wrong with it */
    public static function ownFigures(): iterable
    {
        yield 'less movement' => [PracticeCode::Us, 'movement', '20 mm', null];
        yield 'an inch is the practice itself' => [PracticeCode::Us, 'movement', '1 in', null];
        yield 'under an inch' => [PracticeCode::Us, 'movement', 'under 1 in', null];
        yield 'more movement than any school' => [PracticeCode::Us, 'movement', '25.5 mm', 'beyond'];
        yield 'where it is less than 25 mm, 25 mm is more' => [PracticeCode::Nz, 'movement', '25 mm', 'beyond'];
        yield 'under 25 mm there' => [PracticeCode::Nz, 'movement', 'under 25 mm', null];
        yield 'a weight for a movement' => [PracticeCode::Us, 'movement', '20 lb', 'unreadable'];
        yield 'a clip at an inch and a half' => [PracticeCode::Us, 'clip', '1.5 in', null];
        yield 'a clip farther' => [PracticeCode::Us, 'clip', '39 mm', 'beyond'];
        yield 'lighter on anchors' => [PracticeCode::Us, 'anchors_rear', '55 lb', null];
        yield 'heavier on anchors' => [PracticeCode::Us, 'anchors_rear', '61 lb', 'beyond'];
        yield 'where the label alone speaks' => [PracticeCode::Nz, 'anchors_forward', '60 lb', 'label_only'];
        yield 'a booster later' => [PracticeCode::Us, 'booster_from', '5 years', null];
        yield 'a booster earlier' => [PracticeCode::Us, 'booster_from', '47 months', 'below_floor'];
        yield 'a heavier booster child' => [PracticeCode::Nz, 'booster_weight', '18 kg', null];
        yield 'a lighter booster child' => [PracticeCode::Us, 'booster_weight', '39 lb', 'below_floor'];
        yield 'never without a tether' => [PracticeCode::Us, 'no_tether', 'never', null];
        yield 'always without one' => [PracticeCode::Us, 'no_tether', 'always', 'unreadable'];
        yield 'no figure' => [PracticeCode::Us, 'movement', 'a little', 'unreadable'];
    }

    #[DataProvider('ownFigures')]
    public function testAnOwnFigureIsNeverLooserThanAnySchool(PracticeCode $base, string $figure, string $typed, ?string $wrong): void
    {
        $own = OwnFigures::read($base, [$figure => $typed], [$figure => 'Council note 3']);
        self::assertSame($wrong === null ? [] : [$figure => "own_practice.wrong.{$wrong}"], array_map(static fn(Message $message): string => $message->key, $own->problems));
        if ($wrong === null) {
            $practice = $own->practice('harbour');
            self::assertSame('harbour (Council note 3)', $practice->sourceOf($figure)?->of);
            self::assertEquals([$practice->sourceOf($figure)], PracticeFigure::from($figure)->sources($practice));
            $others = array_filter(PracticeFigure::cases(), static fn(PracticeFigure $one): bool => $one->value !== $figure);
            self::assertSame([], array_filter(array_map(static fn(PracticeFigure $one): ?Citation => $practice->sourceOf($one->value), $others)), 'what was not set keeps its source');
        }
    }

    public function testAFigureNeedsItsSource(): void
    {
        self::assertSame(['own_practice.wrong.source_needed'], array_map(static fn(Message $m): string => $m->key, array_values(OwnFigures::read(PracticeCode::Us, ['movement' => '20 mm'], [])->problems)));
        self::assertSame(['own_practice.wrong.source_long'], array_map(static fn(Message $m): string => $m->key, array_values(OwnFigures::read(PracticeCode::Us, ['movement' => '20 mm'], ['movement' => str_repeat('x', 161)])->problems)));
        self::assertSame([], OwnFigures::read(PracticeCode::Us, ['movement' => ' ', 'nonsense' => '1'], [])->figures);
    }

    public function testOneFigureIsJudgedAndNamed(): void
    {
        $practice = OwnFigures::read(PracticeCode::Us, ['movement' => 'under 20 mm'], ['movement' => 'Council note 3'])->practice('harbour');
        self::assertTrue($practice->movement->value->equals(Length::of(20)));
        $told = Comparison::of(Cases::read(Cases::REAR, ['setup.movement.side' => Cases::q(20, 'mm')]), PracticeCode::Us, Rulebook::current(), $practice);
        self::assertSame(['measure.loose'], array_map(static fn(Finding $f): string => $f->code->value, $told->onlyHere));
        self::assertSame('practice:harbour', $told->onlyHere[0]->from);
        self::assertSame(['harbour (Council note 3)'], array_map(static fn(Citation $source): ?string => $source->of, $told->onlyHere[0]->sources));
        self::assertSame([PracticeFigure::Movement], array_map(static fn(FigurePair $p): PracticeFigure => $p->figure, $told->figures));
        $other = Comparison::of(Cases::read(Cases::REAR), PracticeCode::Us, Rulebook::current(), null, $practice);
        self::assertSame('harbour', $other->there->situation->practice->name);
        self::assertSame([], FigurePair::differing(RegionalPractice::of(PracticeCode::Nz), RegionalPractice::of(PracticeCode::Nz)));
    }
}
