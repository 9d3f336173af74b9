<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\Limit;
use MintBuckle\Core\Facts\LimitEntry;
use MintBuckle\Core\Facts\MadeWindow;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Fit\FreePlaces;
use MintBuckle\Core\Fit\HeldOtherwise;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Truth\Truth;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Makers' limits with their windows, and which entry speaks. */
final class LimitTest extends TestCase
{
    /** @return iterable<string, array{string|null, string|null, string|null, Truth}> from, to, made, inside */
    public static function windows(): iterable
    {
        yield 'no window needs no date' => [null, null, null, Truth::Yes];
        yield 'a window needs one' => ['2020-01-01', null, null, Truth::Unknown];
        yield 'the day before it opens' => ['2020-03-10', '2020-03-20', '2020-03-09', Truth::No];
        yield 'the day it opens' => ['2020-03-10', '2020-03-20', '2020-03-10', Truth::Yes];
        yield 'the day it closes' => ['2020-03-10', '2020-03-20', '2020-03-20', Truth::Yes];
        yield 'the day after it closes' => ['2020-03-10', '2020-03-20', '2020-03-21', Truth::No];
        yield 'open at the start' => [null, '2020-03-20', '1999', Truth::Yes];
        yield 'open at the end' => ['2020-03-10', null, '2026', Truth::Yes];
        yield 'a month that only overlaps' => ['2020-03-10', '2020-03-20', '2020-03', Truth::Unknown];
        yield 'a month that lies inside' => ['2020-03-01', '2020-03-31', '2020-03', Truth::Yes];
        yield 'a month that ends before' => ['2020-03-10', '2020-03-20', '2020-02', Truth::No];
        yield 'a month that begins after' => ['2020-03-10', '2020-03-20', '2020-04', Truth::No];
        yield 'a leap February lies inside' => ['2020-02-01', '2020-02-29', '2020-02', Truth::Yes];
        yield 'a leap February sticks out' => ['2020-02-01', '2020-02-28', '2020-02', Truth::Unknown];
        yield 'a year that overlaps the start' => ['2020-06-01', null, '2020', Truth::Unknown];
        yield 'a year that overlaps the end' => [null, '2020-06-01', '2020', Truth::Unknown];
        yield 'a year that lies inside' => ['2019-12-31', '2021-01-01', '2020', Truth::Yes];
    }

    #[DataProvider('windows')]
    public function testMadeWindow(?string $from, ?string $to, ?string $made, Truth $inside): void
    {
        $date = static fn(?string $text): ?CalendarDate => $text === null ? null : CalendarDate::parse($text);

        self::assertSame($inside, MadeWindow::holds($date($from), $date($to), $made === null ? null : PartialDate::parse($made)));
    }

    /** @return iterable<string, array{HeldBy|null, HeldBy|null, bool}> the entry's, the set-up's, whether it applies */
    public static function holding(): iterable
    {
        yield 'an entry for any way' => [null, null, true];
        yield 'for the belt, held by it' => [HeldBy::Belt, HeldBy::Belt, true];
        yield 'for the belt, held by the anchors' => [HeldBy::Belt, HeldBy::LowerAnchors, false];
        yield 'for the belt, held by both' => [HeldBy::Belt, HeldBy::Both, true];
        yield 'for the anchors, held by both' => [HeldBy::LowerAnchors, HeldBy::Both, true];
        yield 'for both, held by both' => [HeldBy::Both, HeldBy::Both, true];
        yield 'for both, held by the belt' => [HeldBy::Both, HeldBy::Belt, false];
        yield 'for nothing, held by both' => [HeldBy::Nothing, HeldBy::Both, false];
        yield 'for the anchors, held by nothing' => [HeldBy::LowerAnchors, HeldBy::Nothing, false];
    }

    #[DataProvider('holding')]
    public function testHeldBy(?HeldBy $entry, ?HeldBy $setup, bool $applies): void
    {
        self::assertSame($applies, (new LimitEntry(Mass::of(1), heldBy: $entry))->applies(0, $setup));
    }

    public function testTheStrictestAmongEquallySpecial(): void
    {
        $limit = self::limit([20], [18], [19]);
        self::assertSame('18 kg', $limit->asMaximum(null, null)->entry?->value->show());
        self::assertSame('20 kg', $limit->asMinimum(null, null)->entry?->value->show());
    }

    /** "45 kg; 55 kg when made from 2024" lets a seat made then carry 55; "48 months; 36 with the anchors" asks 36 there. */
    public function testTheMoreSpecialEntryHoldsAlsoWhenLaxer(): void
    {
        $weight = self::limit([45], [55, '2024-01-01']);
        self::assertSame('55 kg', $weight->asMaximum(PartialDate::parse('2024-01-01'), null)->entry?->value->show());
        self::assertSame('45 kg', $weight->asMaximum(PartialDate::parse('2023-12-31'), null)->entry?->value->show());

        $age = new Limit([new LimitEntry(Months::of(48)), new LimitEntry(Months::of(36), heldBy: HeldBy::LowerAnchors)]);
        self::assertSame('36 months', $age->asMinimum(null, HeldBy::LowerAnchors)->entry?->value->show());
        self::assertSame('48 months', $age->asMinimum(null, HeldBy::Belt)->entry?->value->show());

        $both = new Limit([new LimitEntry(Mass::of(18), heldBy: HeldBy::LowerAnchors), new LimitEntry(Mass::of(20), madeFrom: CalendarDate::of(2024, 1, 1)), new LimitEntry(Mass::of(25), madeFrom: CalendarDate::of(2024, 1, 1), heldBy: HeldBy::LowerAnchors)]);
        self::assertSame('25 kg', $both->asMaximum(PartialDate::parse('2024'), HeldBy::LowerAnchors)->entry?->value->show(), 'two conditions over one');
        self::assertSame('18 kg', $both->asMaximum(PartialDate::parse('2023'), HeldBy::LowerAnchors)->entry?->value->show());
    }

    /** A window and a way of holding count one each. */
    public function testEquallySpecialEntriesOfDifferentKinds(): void
    {
        foreach ([[20, 18], [18, 20]] as [$window, $held]) {
            $limit = new Limit([new LimitEntry(Mass::of(30)), new LimitEntry(Mass::of($window), madeFrom: CalendarDate::of(2024, 1, 1)), new LimitEntry(Mass::of($held), heldBy: HeldBy::LowerAnchors)]);
            self::assertSame(['18 kg', '20 kg'], [
                $limit->asMaximum(PartialDate::parse('2024'), HeldBy::LowerAnchors)->entry?->value->show(),
                $limit->asMinimum(PartialDate::parse('2024'), HeldBy::LowerAnchors)->entry?->value->show(),
            ]);
        }
        $below = new Limit([new LimitEntry(Mass::of(18)), new LimitEntry(Mass::of(18), below: true)]);
        self::assertTrue($below->asMaximum(null, null)->entry?->below, 'of one figure the one that must not be reached');
    }

    public function testAnEntrysWindowHoldsOnItsLastDayAndNotAfter(): void
    {
        $limit = new Limit([new LimitEntry(Mass::of(20)), new LimitEntry(Mass::of(18), madeTo: CalendarDate::parse('2023-12-30'))]);

        self::assertSame('18 kg', $limit->asMaximum(PartialDate::parse('2023-12-30'), null)->entry?->value->show());
        self::assertSame('20 kg', $limit->asMaximum(PartialDate::parse('2023-12-31'), null)->entry?->value->show());
        self::assertSame(['seat.made_on'], $limit->asMaximum(PartialDate::parse('2023-12'), null)->missing, 'one day of the month is left over');
    }

    public function testUndecidedIsUnknownAndSaysWhatWouldDecide(): void
    {
        $limit = self::limit([20], [18, '2024-01-01']);
        self::assertSame(['seat.made_on'], $limit->asMaximum(null, null)->missing);
        self::assertSame(['seat.made_on'], self::limit([20], [18, '2023-12-15'])->asMaximum(PartialDate::parse('2023-12'), null)->missing, 'a month that only overlaps');
        self::assertSame(['seat.made_on'], self::limit([20], [18, '2023-12-31'])->asMaximum(PartialDate::parse('2023-12'), null)->missing, 'it begins on the last day there may be');
        self::assertSame([], self::limit([20], [18, '2023-12-01'])->asMaximum(PartialDate::parse('2023-12'), null)->missing, 'it begins on the first');
        self::assertNull($limit->asMaximum(null, null)->entry);
        self::assertSame([], $limit->asMaximum(PartialDate::parse('2023'), null)->missing, 'made before it came');

        $held = new Limit([new LimitEntry(Mass::of(20), heldBy: HeldBy::Belt), new LimitEntry(Mass::of(18), heldBy: HeldBy::LowerAnchors)]);
        self::assertSame(['setup.held_by'], $held->asMaximum(null, null)->missing);
        self::assertSame([], self::limit([20], [20, '2024-01-01'])->asMaximum(null, null)->missing, 'whichever holds, it is the same figure');
    }

    public function testWhatBreaksEveryEntryThatMayHoldBreaksTheLimit(): void
    {
        $undecided = self::limit([20], [18, '2024-01-01'])->asMaximum(null, null);
        self::assertSame('20 kg', $undecided->brokenAsMaximum(Mass::of('20.1'))?->value->show(), 'told against the laxest');
        self::assertNull($undecided->brokenAsMaximum(Mass::of(19)));
        self::assertNull(self::limit([18, '2024-01-01'])->asMaximum(null, null)->brokenAsMaximum(Mass::of(99)), 'perhaps there is no figure at all');
        self::assertSame('18 kg', self::limit([20], [18, '2024-01-01'])->asMinimum(null, null)->brokenAsMinimum(Mass::of(17))?->value->show());
    }

    public function testNoneApplies(): void
    {
        $resolved = self::limit([18, '2024-01-01'])->asMaximum(PartialDate::parse('2020'), null);
        self::assertTrue($resolved->isAbsent());
        self::assertNull($resolved->brokenAsMaximum(Mass::of(99)));
        self::assertNull($resolved->brokenAsMinimum(Mass::of(0)));
    }

    /** @return iterable<string, array{bool, string, bool, bool}> below, measured, allowed as a maximum, allowed as a minimum */
    public static function edges(): iterable
    {
        yield 'under' => [false, '17.999', true, false];
        yield 'on' => [false, '18', true, true];
        yield 'over' => [false, '18.001', false, true];
        yield 'under one marked below' => [true, '17.999', true, false];
        yield 'on one marked below' => [true, '18', false, false];
        yield 'over one marked below' => [true, '18.001', false, true];
    }

    #[DataProvider('edges')]
    public function testEdges(bool $below, string $measured, bool $atMost, bool $atLeast): void
    {
        $entry = new LimitEntry(Mass::of(18), $below);
        $resolved = (new Limit([$entry]))->asMaximum(null, null);
        $bound = Bound::ofMaker($entry, 'seat');

        self::assertSame([$atMost, $atLeast], [$resolved->brokenAsMaximum(Mass::of($measured)) === null, $resolved->brokenAsMinimum(Mass::of($measured)) === null]);
        self::assertSame([$atMost, $atLeast], [$bound->allowsAtMost(Mass::of($measured)), $bound->allowsAtLeast(Mass::of($measured))]);
    }

    public function testAMakersBoundNamesItsLayerAndSource(): void
    {
        $bound = Bound::ofMaker(new LimitEntry(Mass::of(18)), 'vehicle');
        self::assertSame(['vehicle', true], [$bound->from, $bound->inclusive]);
        self::assertEquals([Source::VehicleManual->cite()], $bound->sources);
    }

    /** @param array{0: int, 1?: string} ...$entries kilograms, made from */
    private static function limit(array ...$entries): Limit
    {
        $made = array_values(array_map(static fn(array $e): LimitEntry => new LimitEntry(Mass::of($e[0]), madeFrom: isset($e[1]) ? CalendarDate::parse($e[1]) : null), $entries));
        assert($made !== []);

        return new Limit($made);
    }

    public function testAnotherWayOfHoldingIsSoughtOnlyWhereThisOneIsKnown(): void
    {
        self::assertSame(HeldBy::Belt, self::heldOtherwise(['setup.held_by' => 'lower_anchors']));
        self::assertNull(self::heldOtherwise(['setup.held_by' => 'nothing']));
        self::assertNull(self::heldOtherwise(['setup.held_by' => null]));
        self::assertNull(self::heldOtherwise(['setup.held_by' => 'lower_anchors', 'setup.mode' => null]));
        self::assertNull(self::heldOtherwise(['setup.held_by' => 'lower_anchors', 'setup.mode' => 'high_back_booster']), 'a mode the seat has not');
    }

    /** A place must be known to offer the other way. */
    public function testAnotherWayOfHoldingIsOneThatThePlaceOffers(): void
    {
        $belt = 'vehicle.positions.1.belt';
        $anchors = 'vehicle.positions.1.lower_anchors';
        $allowed = ['seat.modes.high_back_booster.anchors_allowed' => true];

        self::assertSame(HeldBy::LowerAnchors, self::heldOtherwise(['setup.held_by' => 'belt', $anchors => true]));
        self::assertNull(self::heldOtherwise(['setup.held_by' => 'belt', $anchors => false]));
        self::assertNull(self::heldOtherwise(['setup.held_by' => 'belt', $anchors => null]));
        self::assertNull(self::heldOtherwise(['setup.held_by' => 'belt', $anchors => true, 'seat.lower_anchor_child_max' => Cases::q(10, 'lb')]));
        self::assertNull(self::heldOtherwise(['setup.held_by' => 'lower_anchors', $belt => 'none']));
        self::assertSame(HeldBy::Belt, self::heldOtherwise(['setup.held_by' => 'lower_anchors', $belt => 'lap_shoulder'], Cases::BOOSTER));
        self::assertNull(self::heldOtherwise(['setup.held_by' => 'lower_anchors', $belt => 'lap'], Cases::BOOSTER));
        self::assertSame(HeldBy::LowerAnchors, self::heldOtherwise(['setup.held_by' => 'nothing', $anchors => true] + $allowed, Cases::BOOSTER));
        self::assertNull(self::heldOtherwise(['setup.held_by' => 'belt', $anchors => true], Cases::BOOSTER), 'not known to be allowed');
    }

    /** Bits by index: another place than the one in use, one that counts, and one that is known to be free. */
    public function testFreePlacesAsBits(): void
    {
        $here = ['name' => '2L', 'belt' => 'lap_shoulder', 'retractor' => 'switchable', 'latch_plate' => 'sliding', 'lower_anchors' => true, 'tether_anchor' => true, 'airbag' => false, 'side_facing' => false, 'inflatable_belt' => false, 'taken' => false];
        $places = [$here, ['name' => '2C'] + $here, ['name' => '2R', 'taken' => true] + $here, ['name' => '3L', 'side_facing' => null] + $here, ['name' => '3R'] + $here];
        $s = Cases::assess(Cases::REAR, ['vehicle.positions' => $places, 'setup.position' => '2L'])->situation;
        $positions = $s->case->vehicle->positions ?? [];

        self::assertSame(0b10010, FreePlaces::asBits($s, $positions, static fn(): bool => true));
        self::assertSame(0b10000, FreePlaces::asBits($s, $positions, static fn(SeatingPosition $p): bool => $p->row() > 2));
    }

    /** @param array<string, mixed> $changes */
    private static function heldOtherwise(array $changes, string $case = Cases::REAR): ?HeldBy
    {
        return HeldOtherwise::fitting(Cases::assess($case, $changes)->situation);
    }
}
