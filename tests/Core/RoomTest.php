<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Card\FlightCard;
use MintBuckle\Core\Card\FlightPoint;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Permission;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Fit\Breach;
use MintBuckle\Core\Fit\BreachKind;
use MintBuckle\Core\Fit\ModeFit;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Room\RoomAhead;
use MintBuckle\Core\Room\RoomGain;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;
use MintBuckle\Core\Wedge\WedgeSize;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

final class RoomTest extends TestCase
{
    public function testAMoreUprightShellReachesLessFar(): void
    {
        // 600 mm at 45 degrees reach 424.26 mm, at 30 degrees 300 mm (sines from any table).
        $room = RoomAhead::of(Length::of(120), Length::of(600), Angle::of(45), Angle::of(30));

        self::assertSame(['upright'], array_map(static fn(RoomGain $g): string => $g->way, $room->gains));
        self::assertSame('124.2641', (string) $room->together->base());
        self::assertSame(Truth::Yes, $room->enough);
    }

    public function testEveryWayTogetherGreatestFirst(): void
    {
        $room = RoomAhead::of(Length::of(100), handle: Length::of(60), otherHandle: Length::of(40), base: Length::of(70));

        self::assertSame(['baseless', 'handle'], array_map(static fn(RoomGain $g): string => $g->way, $room->gains));
        self::assertSame([90.0, Truth::No], [$room->together->base()->toFloat(), $room->enough]);
        self::assertSame(Truth::Yes, RoomAhead::of(Length::of(90), handle: Length::of(60), otherHandle: Length::of(40), base: Length::of(70))->enough, 'exactly what is missing is enough');
    }

    public function testWhatGainsNothingIsLeftOut(): void
    {
        $room = RoomAhead::of(null, Length::of(600), Angle::of(30), Angle::of(45), Length::of(10), Length::of(10));
        self::assertSame([[], Truth::Unknown], [$room->gains, $room->enough]);
    }

    /** @return iterable<string, array{Seat, ModeName|null, bool|null, Truth, list<string>}> seat, mode, whether the child fits, may, missing */
    public static function flights(): iterable
    {
        $rear = ModeName::RearHarness;
        yield 'certified, no base' => [new Seat(aircraftCertified: true, detachable: false), $rear, true, Truth::Yes, []];
        yield 'certified, its shell may leave the base' => [new Seat(aircraftCertified: true, detachable: true, baseless: Permission::Allowed), $rear, true, Truth::Yes, []];
        yield 'its shell may not' => [new Seat(aircraftCertified: true, detachable: true, baseless: Permission::Forbidden), $rear, true, Truth::No, []];
        yield 'whether it may is not known' => [new Seat(aircraftCertified: true, detachable: true), $rear, true, Truth::Unknown, ['seat.baseless']];
        yield 'a shell that turns does not lift off' => [new Seat(aircraftCertified: true, detachable: false, turns: true), $rear, true, Truth::Yes, []];
        yield 'whether it lifts off is not known' => [new Seat(aircraftCertified: true), $rear, true, Truth::Unknown, ['seat.detachable']];
        yield 'the label is silent' => [new Seat(aircraftCertified: false, detachable: false), $rear, true, Truth::No, []];
        yield 'the label was not read' => [new Seat(detachable: false), $rear, true, Truth::Unknown, ['seat.aircraft_certified']];
        yield 'the child is outside its limits' => [new Seat(aircraftCertified: true, detachable: false), $rear, false, Truth::No, []];
        yield 'the child is not known' => [new Seat(aircraftCertified: true, detachable: false), $rear, null, Truth::Unknown, ['child.weight', 'child.height']];
        yield 'a booster' => [new Seat(aircraftCertified: true, detachable: false), ModeName::HighBackBooster, true, Truth::No, []];
        yield 'the belt alone' => [new Seat(aircraftCertified: true, detachable: false), ModeName::BeltOnly, true, Truth::No, []];
        yield 'the way of riding is not known' => [new Seat(aircraftCertified: true, detachable: false), null, true, Truth::Unknown, ['setup.mode']];
    }

    /** @param list<string> $missing */
    #[DataProvider('flights')]
    public function testAircraft(Seat $seat, ?ModeName $mode, ?bool $fits, Truth $may, array $missing): void
    {
        $fit = $fits === null ? null : new ModeFit($mode ?? ModeName::RearHarness, $fits ? [] : [new Breach(BreachKind::MakersLimit, self::tooHeavy())], []);
        $card = FlightCard::of($seat, $mode, $fit);

        self::assertSame([$may, $missing], [$card->may, $card->missing]);
        self::assertSame($may, array_reduce($card->points, static fn(Truth $all, FlightPoint $point): Truth => $all->and($point->holds), Truth::Yes));
        self::assertStringContainsString('14 CFR 121.311', Told::english($card->source->text()));
    }

    /** The first thing that decides it is said. */
    public function testWhyASeatMayFlyOrNot(): void
    {
        $rear = ModeName::RearHarness;
        $fits = new ModeFit($rear, [], []);
        foreach ([
            'Its label does not say' => [new Seat(aircraftCertified: false, detachable: false), $rear, $fits],
            'Its shell would have to be belted without the base' => [new Seat(aircraftCertified: true, detachable: true, baseless: Permission::Forbidden), $rear, $fits],
            'The child is outside the limits of this way of riding: weight 20 kg is more than 18 kg.' => [new Seat(aircraftCertified: true, detachable: false), $rear, new ModeFit($rear, [new Breach(BreachKind::MakersLimit, self::tooHeavy())], [])],
            'Its label says it is certified' => [new Seat(aircraftCertified: true, detachable: false), $rear, $fits],
            'Say how it is to be used' => [new Seat(aircraftCertified: true, detachable: false), null, $fits],
            'Look on the label for words like these' => [new Seat(detachable: false), $rear, $fits],
            'Look whether its shell lifts off' => [new Seat(aircraftCertified: true), $rear, $fits],
            'Ask its manual whether the shell' => [new Seat(aircraftCertified: true, detachable: true), $rear, $fits],
            'The seat\'s own limits hold in the air too' => [new Seat(aircraftCertified: true, detachable: false), $rear, null],
            'Boosters cannot be used' => [new Seat(aircraftCertified: true), ModeName::BacklessBooster, $fits],
        ] as $because => [$seat, $mode, $fit]) {
            self::assertStringStartsWith($because, Told::english(FlightCard::of($seat, $mode, $fit)->because));
        }
    }

    /** x = L - r, y = r and so on, worked by hand from where a stack touches cushion, crease and base. */
    public function testWhatAStackGains(): void
    {
        // One noodle of 63.5 mm squeezed to 0.8: r = 25.4, L = 400: twice the angle whose tangent is 25.4 / 374.6.
        self::assertEqualsWithDelta(2 * rad2deg(atan(25.4 / 374.6)), WedgeSize::gain(400, 1), 1e-9);
        // Three: x = 349.2, y = 25.4 (1 + root 3) = 69.39.
        self::assertEqualsWithDelta(rad2deg(atan(69.3941 / 349.2)) + rad2deg(asin(25.4 / 356.0282)), WedgeSize::gain(400, 3), 0.001);
        self::assertSame([0.5, 0.9], [WedgeSize::LEAST_SQUEEZED, WedgeSize::MOST_SQUEEZED], 'from memory');
        self::assertLessThan(WedgeSize::gain(400, 1), WedgeSize::gain(400, 1, WedgeSize::LEAST_SQUEEZED));
        self::assertGreaterThan(WedgeSize::gain(400, 1), WedgeSize::gain(400, 1, WedgeSize::MOST_SQUEEZED));
        self::assertEqualsWithDelta(WedgeSize::gain(400, 1), WedgeSize::gain(400, 1, noodleMm: 63.5), 1e-9);
    }

    private static function tooHeavy(): Message
    {
        return new Message('breaches.limit', ['measured' => Mass::of(20, MassUnit::Kilogram), 'what' => 'weight', 'against' => 'more', 'limit' => Mass::of(18, MassUnit::Kilogram)]);
    }
}
