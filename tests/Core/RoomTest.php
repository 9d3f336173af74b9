<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Card\FlightCard;
use MintBuckle\Core\CaseFile\ModeName;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Room\RoomAhead;
use MintBuckle\Core\Room\RoomGain;
use MintBuckle\Core\Truth;
use MintBuckle\Core\Wedge\WedgeSize;
use PHPUnit\Framework\TestCase;

final class RoomTest extends TestCase
{
    public function testAMoreUprightShellReachesLessFar(): void
    {
        // 600 mm at 45 degrees reach 424.26 mm, at 30 degrees 300 mm (sines from any table).
        $room = RoomAhead::of(Length::of(120), Length::of(600), Angle::of(45), Angle::of(30));

        self::assertSame(['upright'], array_map(static fn(RoomGain $g): string => $g->way, $room->gains));
        self::assertEqualsWithDelta(124.2641, $room->together->base()->toFloat(), 0.0001);
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

    public function testAircraft(): void
    {
        $card = FlightCard::of(true, ModeName::RearHarness, true);
        self::assertSame([Truth::Yes, 'The base stays behind: belt the shell by its own path.'], [$card->may, $card->steps[0]]);
        self::assertStringContainsString('14 CFR 121.311', $card->source->text);
        self::assertSame([Truth::No, []], [FlightCard::of(true, ModeName::HighBackBooster, null)->may, FlightCard::of(true, ModeName::BacklessBooster, null)->steps]);
        self::assertSame([Truth::Unknown, Truth::No], [FlightCard::of(null, ModeName::ForwardHarness, false)->may, FlightCard::of(false, ModeName::ForwardHarness, false)->may]);
    }

    /** x = L - r, y = r and so on, worked by hand from where a stack touches cushion, crease and base. */
    public function testWhatAStackGains(): void
    {
        // One noodle of 63.5 mm squeezed to 0.8: r = 25.4, L = 400: twice the angle whose tangent is 25.4 / 374.6.
        self::assertEqualsWithDelta(2 * rad2deg(atan(25.4 / 374.6)), WedgeSize::gain(400, 1), 1e-9);
        // Three: x = 349.2, y = 25.4 (1 + root 3) = 69.39.
        self::assertEqualsWithDelta(rad2deg(atan(69.3941 / 349.2)) + rad2deg(asin(25.4 / 356.0282)), WedgeSize::gain(400, 3), 0.001);
        self::assertLessThan(WedgeSize::gain(400, 1), WedgeSize::gain(400, 1, WedgeSize::LEAST_SQUEEZED));
        self::assertGreaterThan(WedgeSize::gain(400, 1), WedgeSize::gain(400, 1, WedgeSize::MOST_SQUEEZED));
        self::assertEqualsWithDelta(WedgeSize::gain(400, 1), WedgeSize::gain(400, 1, noodleMm: 63.5), 1e-9);
    }
}
