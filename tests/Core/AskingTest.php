<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Asking\Answers;
use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Finding\Station;
use PHPUnit\Framework\TestCase;
use stdClass;
use Tests\Told;

final class AskingTest extends TestCase
{
    public function testWhatIsAddedToAndWhatIsCounted(): void
    {
        self::assertSame([AnswerKind::Texts, AnswerKind::Essentials, AnswerKind::Approvals], array_values(array_filter(AnswerKind::cases(), static fn(AnswerKind $k): bool => $k->isAddedTo())));
        self::assertCount(3, Answers::crotch(Cases::read(Cases::REAR, ['seat.modes.rear_harness.crotch_slots' => null, 'seat.modes.forward_harness.crotch_slots' => null])), 'where no manual says more');
        self::assertCount(5, Answers::crotch(Cases::read(Cases::REAR, ['seat.modes.rear_harness.crotch_slots' => [1, 5]])));
    }

    public function testIsMadeOnce(): void
    {
        self::assertSame(Questionnaire::standard(), Questionnaire::standard());
    }

    public function testTheFirstEntryThatMatchesIsTheOnlyOneMeant(): void
    {
        foreach (Questionnaire::standard()->all as $askable) {
            $path = str_replace('*', '1', $askable->path);
            self::assertSame($askable->path, Questionnaire::standard()->for($path)?->path, $path);
        }
    }

    public function testEveryChoiceIsAnAnswerTheFormatKnows(): void
    {
        foreach (Questionnaire::standard()->all as $askable) {
            if ($askable->kind !== AnswerKind::Choice || str_contains($askable->path, '*') || ! str_starts_with($askable->path, 'setup.')) {
                continue;
            }
            foreach (array_keys($askable->choices(Cases::read(Cases::REAR))) as $value) {
                $case = Cases::read(Cases::REAR, [$askable->path => ctype_digit((string) $value) ? (int) $value : $value]);
                self::assertNotNull($case->setup, $askable->path);
            }
        }
    }

    public function testQuestionsArePlainSentences(): void
    {
        foreach (Questionnaire::standard()->all as $askable) {
            self::assertMatchesRegularExpression('/^[A-Z].+[?.]$/', Told::english($askable->question()), $askable->path);
            self::assertDoesNotMatchRegularExpression('/!/', Told::english($askable->question()) . Told::english($askable->hint()));
        }
    }

    public function testChoicesOfThisSeatAndCar(): void
    {
        $case = Cases::read(Cases::REAR, ['seat.modes.forward_harness.parts_forbidden' => ['foot_panel', 'canopy']]);
        $choices = static fn(string $path): array => array_map(Told::in('en')->show(...), (Questionnaire::standard()->for($path) ?? self::fail($path))->choices($case));

        self::assertSame(['1R' => 'Front right', '2L' => 'Second row left', '2C' => 'Second row centre', '2R' => 'Second row right'], $choices('setup.position'));
        self::assertSame([1, 2, 3, 4, 5], array_keys($choices('setup.harness.slot')));
        self::assertSame([1, 2, 3, 4], array_keys($choices('setup.recline_setting')));
        self::assertSame(['foot_panel', 'canopy'], array_keys($choices('setup.parts_fitted')));
    }

    public function testPathsIntoACase(): void
    {
        $case = new stdClass();
        CasePath::set($case, 'setup.harness.slot', 3);
        CasePath::set($case, 'vehicle', (object) ['positions' => [(object) ['name' => '2L']]]);
        CasePath::set($case, 'vehicle.positions.0.belt', 'lap');
        CasePath::set($case, 'vehicle.positions.7.belt', 'lap');

        self::assertSame('{"setup":{"harness":{"slot":3}},"vehicle":{"positions":[{"name":"2L","belt":"lap"}]}}', json_encode($case));
        self::assertSame(['lap', null, null], [CasePath::get($case, 'vehicle.positions.0.belt'), CasePath::get($case, 'vehicle.positions.7.belt'), CasePath::get($case, 'setup.harness.slot.deep')]);
    }

    public function testAStarIsOnePart(): void
    {
        $askable = Askable::besides('a.*.c', Station::Label, AnswerKind::YesNo);
        self::assertSame([true, false, false], [$askable->matches('a.b.c'), $askable->matches('a.b.b.c'), $askable->matches('axbxc')]);
    }
}
