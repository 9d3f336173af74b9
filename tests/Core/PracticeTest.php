<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Assessor;
use MintBuckle\Core\Catalogue\SeatInstead;
use MintBuckle\Core\Facts\LatchPlate;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Facts\Retractor;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Locking\BeltTree;
use MintBuckle\Core\Practice\RegionalPractice;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Rulebook;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Practices as data, the belt tree, another seat instead. */
final class PracticeTest extends TestCase
{
    /** Where the tables let practices differ, or what is said only above a floor that differs; nothing else may. */
    private const MAY_DIFFER = ['label.standard', 'history.crash', 'history.minor_crash', 'history.crash_unclear', 'measure.loose', 'measure.at_limit', 'secure.clip_far', 'secure.anchor_overweight', 'mode.booster_early', 'mode.booster_could_harness', 'place.no_tether_anchor'];

    #[Group('slow')]
    public function testPracticesDifferOnlyWhereTheTablesSaySo(): void
    {
        $different = [];
        foreach ([HistoryRulesTest::cases(), ChildRulesTest::cases(), PlaceRulesTest::cases(), SecureRulesTest::cases(), MeasureRulesTest::cases(), BuckleRulesTest::cases(), BusRulesTest::cases(), HandoverRulesTest::cases()] as $rows) {
            foreach ($rows as [$case, $changes]) {
                $strict = ['policy.crash' => 'strict'] + $changes;
                $us = self::codes($case, ['practice' => 'us'] + $strict);
                $au = self::codes($case, ['practice' => 'au'] + $strict);
                $different = [...$different, ...array_diff($us, $au), ...array_diff($au, $us)];
            }
        }
        self::assertSame([], array_values(array_unique(array_diff($different, self::MAY_DIFFER))));
        self::assertContains('measure.loose', $different);
        self::assertContains('label.standard', $different);
    }

    public function testAChangedValueSpeaksAndNamesItsLayer(): void
    {
        $own = RegionalPractice::of(PracticeCode::Us)->changed('harbour', movement: Length::of(20));
        $case = Cases::read(Cases::REAR, ['setup.movement.side' => Cases::q(22, 'mm')]);
        $finding = Assessor::assess($case, Rulebook::current(), $own)->findings[0] ?? self::fail('nothing found');

        self::assertSame(['measure.loose', 'practice:harbour'], [$finding->code->value, $finding->from]);
        self::assertSame([], Assessor::assess($case, Rulebook::current())->findings);
        self::assertSame('practice:us', $own->clipDistance->from, 'what was not changed keeps its layer');
    }

    public function testAChangedBoosterFloor(): void
    {
        $case = Cases::read(Cases::BOOSTER, ['seat.modes.forward_harness' => null, 'seat.modes.rear_harness' => null]);
        $own = RegionalPractice::of(PracticeCode::Us)->changed('harbour', boosterWeight: Mass::of(60, MassUnit::Pound));

        self::assertSame(['stop mode.booster_early'], Cases::found(Assessor::assess($case, Rulebook::current(), $own)));
    }

    public function testTheBeltTreeEndsInHardware(): void
    {
        $tree = new BeltTree();
        $leaves = [];
        foreach ($tree->questions as $question) {
            foreach ($question->answers as $answer) {
                is_string($answer->leadsTo) ? self::assertArrayHasKey($answer->leadsTo, $tree->questions) : $leaves[] = $answer->leadsTo;
            }
        }
        foreach ([...Retractor::cases(), ...LatchPlate::cases()] as $hardware) {
            self::assertContains($hardware, $leaves, $hardware->value);
        }
        self::assertContains(null, $leaves, 'still unsure: the vehicle\'s manual');
        self::assertArrayHasKey(BeltTree::RETRACTOR, $tree->questions);
        self::assertArrayHasKey(BeltTree::LATCH_PLATE, $tree->questions);
    }

    public function testAnotherSeatThatFitsLongestFirst(): void
    {
        $case = Cases::read(Cases::REAR);
        $seat = self::seat(...);
        $short = $seat(['seat.model' => 'short', 'seat.modes.rear_harness.weight_max' => Cases::q(24, 'lb')]);
        $long = $seat(['seat.model' => 'long']);
        $small = $seat(['seat.model' => 'small', 'seat.modes.rear_harness.weight_max' => Cases::q(15, 'lb')]);

        self::assertSame([['long', '2L'], ['short', '2L']], array_map(static fn(SeatInstead $s): array => [$s->seat->model, $s->place], SeatInstead::among($case, [$short, $small, $long])));
        self::assertSame([], SeatInstead::among(Cases::read(Cases::REAR, ['vehicle.positions.1.taken' => true, 'vehicle.positions.2.taken' => true, 'vehicle.positions.3.taken' => true]), [$long]), 'no place in the back');
    }

    /** @param array<string, mixed> $changes */
    private static function seat(array $changes): Seat
    {
        return Cases::read(Cases::REAR, $changes)->seat ?? new Seat();
    }

    /**
     * @param array<string, mixed> $changes
     * @return list<string>
     */
    private static function codes(string $case, array $changes): array
    {
        return array_map(static fn(Finding $f): string => $f->code->value, Cases::assess($case, $changes)->findings);
    }
}
