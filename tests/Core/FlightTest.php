<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Card\FlightCar;
use MintBuckle\Core\Card\FlightCard;
use MintBuckle\Core\Card\FlightPoint;
use MintBuckle\Core\Card\FlightSteps;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** How a seat flies: 14 CFR 121.311 from memory for place and seat, the handbook's section on cards for the rest. */
final class FlightTest extends TestCase
{
    private const FLIES = ['seat.aircraft_certified' => true, 'seat.detachable' => false];

    /** @return iterable<string, array{array<string, mixed>, Truth, list<string>}> changes, may, keys of what speaks against it */
    public static function checks(): iterable
    {
        yield 'sound and certified' => [[], Truth::Yes, []];
        yield 'expired' => [['seat.use_until' => '2026-09'], Truth::No, ['flight.unsound']];
        yield 'after a crash' => [['seat.history.crash' => true], Truth::No, ['flight.unsound']];
        yield 'what only this car does wrong does not ground it' => [['setup.position' => '1R', 'setup.lock' => []], Truth::Yes, []];
        yield 'too heavy' => [['child.weight' => ['value' => 90, 'unit' => 'lb']], Truth::No, ['flight.outside']];
        yield 'expired and not certified' => [
            ['seat.use_until' => '2026-09', 'seat.aircraft_certified' => false], Truth::No, ['flight.unsound', 'flight.not_certified'],
        ];
    }

    /**
     * @param array<string, mixed> $changes
     * @param list<string> $against
     */
    #[DataProvider('checks')]
    public function testWhatTheCheckFoundOfTheSeatCountsInTheAir(array $changes, Truth $may, array $against): void
    {
        $changes = [...self::FLIES, ...$changes];
        $card = FlightCard::in(self::at(Cases::REAR, $changes), Cases::assess(Cases::REAR, $changes)->findings);

        self::assertSame($may, $card->may);
        self::assertSame($against, self::keys(array_map(
            static fn(FlightPoint $p): Message => $p->told,
            array_values(array_filter($card->points, static fn(FlightPoint $p): bool => $p->holds === Truth::No)),
        )));
        self::assertSame($against[0] ?? 'flight.yes', $card->because->key);
    }

    public function testWhatBelongsToABusDoesNotFly(): void
    {
        foreach ([Cases::BUS_ADDON, Cases::BUS_VEST] as $case) {
            $card = FlightCard::in(self::at($case, self::FLIES));
            self::assertSame([Truth::No, 'flight.bus', []], [$card->may, $card->because->key, $card->missing], $case);
        }
        self::assertNotSame('flight.bus', FlightCard::in(self::at(Cases::BUS_REAR))->because->key, 'a harness seat on a bus is a seat like any other');
    }

    public function testTheLapBeltAloneHoldsAndNothingIsHooked(): void
    {
        foreach ([Cases::REAR, Cases::FORWARD] as $case) {
            $told = self::keys(FlightSteps::aboard(self::at($case)));
            self::assertSame('flight.aboard.window', $told[0], 'the place comes first');
            self::assertSame('flight.aboard.child', end($told), 'the child comes last');
            self::assertContains('flight.aboard.straps', $told);
            self::assertSame($case === Cases::REAR, in_array('flight.aboard.level', $told, true) || in_array('flight.aboard.upright', $told, true));
        }
        $words = implode(' ', Told::all(FlightSteps::aboard(self::at(Cases::FORWARD))));
        self::assertStringContainsString('never in an exit row', $words);
        self::assertStringContainsString('Lap belt only: lead it through the forward-facing path, behind the back of the child', $words);
        self::assertStringContainsString('No tether and no lower anchors there', $words);
    }

    /** @return iterable<string, array{bool|null, bool|null, string}> may stand upright for who sits, sits unaided, key */
    public static function levels(): iterable
    {
        yield 'its maker allows no more upright' => [false, true, 'flight.aboard.level'];
        yield 'its maker says nothing of it' => [null, true, 'flight.aboard.level'];
        yield 'allowed, and the child sits' => [true, true, 'flight.aboard.upright'];
        yield 'allowed, and the child does not sit' => [true, false, 'flight.aboard.level'];
        yield 'allowed, and nobody knows' => [true, null, 'flight.aboard.upright_if'];
    }

    #[DataProvider('levels')]
    public function testOnlyWhoSitsUnaidedRidesMoreUpright(?bool $allowed, ?bool $sits, string $key): void
    {
        $steps = FlightSteps::aboard(self::at(Cases::REAR, ['seat.modes.rear_harness.upright_when_sits' => $allowed, 'child.sits_unaided' => $sits]));
        $levels = ['flight.aboard.level', 'flight.aboard.upright', 'flight.aboard.upright_if'];
        self::assertSame([$key], array_values(array_intersect(self::keys($steps), $levels)));
    }

    /** @return iterable<string, array{mixed, mixed, string}> least, most, words */
    public static function ranges(): iterable
    {
        [$least, $most] = [['value' => 30, 'unit' => 'deg'], ['value' => 45, 'unit' => 'deg']];
        yield 'both ends' => [$least, $most, 'as in the car, 30° to 45° from upright, while'];
        yield 'the least' => [$least, null, 'as in the car, at least 30° from upright, while'];
        yield 'the most' => [null, $most, 'as in the car, at most 45° from upright, while'];
        yield 'neither' => [null, null, 'as in the car, while'];
    }

    #[DataProvider('ranges')]
    public function testTheAngleIsTheSeatsOwn(mixed $least, mixed $most, string $words): void
    {
        $steps = FlightSteps::aboard(self::at(Cases::REAR, [
            'seat.modes.rear_harness.angle_min' => $least, 'seat.modes.rear_harness.angle_max' => $most, 'seat.modes.rear_harness.upright_when_sits' => null,
        ]));
        self::assertStringContainsString($words, str_replace("\u{A0}", ' ', implode(' ', Told::all($steps))));
    }

    public function testAMakerWhoWantsBothPartsOfTheBeltIsAsked(): void
    {
        self::assertContains('flight.aboard.both', self::keys(FlightSteps::aboard(self::at(Cases::REAR, ['seat.modes.rear_harness.webbing' => 'both']))));
        self::assertNotContains('flight.aboard.both', self::keys(FlightSteps::aboard(self::at(Cases::REAR, ['seat.modes.rear_harness.webbing' => 'lap']))));
        $liftsOff = ['seat.modes.rear_harness.webbing' => 'both', 'seat.detachable' => true, 'seat.baseless_webbing' => 'lap'];
        self::assertNotContains('flight.aboard.both', self::keys(FlightSteps::aboard(self::at(Cases::REAR, $liftsOff))), 'the shell goes by its own rule');
    }

    public function testTheBaseStaysBehindAndItsHandleIsSet(): void
    {
        $shell = self::at(Cases::REAR, ['seat.detachable' => true, 'seat.modes.rear_harness.handle_positions' => ['down', 'up']]);
        $told = self::keys(FlightSteps::aboard($shell));
        self::assertContains('flight.aboard.base', $told);
        self::assertContains('flight.aboard.handle', $told);
        self::assertStringContainsString('the base waits in your own car', implode(' ', Told::all(FlightSteps::out($shell))));

        $whole = self::at(Cases::REAR, ['seat.detachable' => false]);
        self::assertNotContains('flight.aboard.base', self::keys(FlightSteps::aboard($whole)));
        self::assertStringNotContainsString('base', implode(' ', Told::all(FlightSteps::out($whole))));
    }

    public function testTheWidthIsToldOrAskedFor(): void
    {
        self::assertContains('flight.before.measure', self::keys(FlightSteps::before(self::at(Cases::REAR, ['seat.width' => null]))));
        $told = Told::all(FlightSteps::before(self::at(Cases::REAR, ['seat.width' => ['value' => 440, 'unit' => 'mm']])));
        self::assertStringContainsString('440 mm wide', str_replace("\u{A0}", ' ', implode(' ', $told)));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> the place and the seat, key of what is said of the lock */
    public static function cars(): iterable
    {
        $belt = static fn(?string $retractor, ?string $plate): array => [
            'seat.lockoff' => false, 'seat.clamp_door' => false, 'seat.clip_distance_max' => null,
            'vehicle.positions.1.retractor' => $retractor, 'vehicle.positions.1.latch_plate' => $plate,
        ];
        yield 'a retractor that locks' => [$belt('switchable', 'sliding'), 'flight.car.lock'];
        yield 'a latch plate that locks' => [$belt('elr', 'locking'), 'flight.car.lock'];
        yield 'a lock of its own' => [['seat.lockoff' => true] + $belt('elr', 'sliding'), 'flight.car.lock'];
        yield 'a belt sewn to its plate, nothing that locks' => [$belt('elr', 'sewn'), 'flight.car.no_lock'];
        yield 'nobody looked' => [$belt(null, null), 'flight.car.look'];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('cars')]
    public function testTheCarAtTheOtherEndMustLockItsBelt(array $changes, string $key): void
    {
        $s = self::at(Cases::REAR, $changes);
        $told = self::keys(FlightCar::steps($s));

        self::assertSame([$key], array_values(array_intersect($told, ['flight.car.lock', 'flight.car.no_lock', 'flight.car.look'])));
        self::assertSame('flight.car.movement', end($told), 'its movement is tried last');
        self::assertSame($key === 'flight.car.look', FlightCar::missing($s) !== [], 'asks only while it is open');
    }

    public function testFacingRearItIsLevelledAnewAndFacingForwardItsTetherIsHooked(): void
    {
        $rear = self::keys(FlightCar::steps(self::at(Cases::REAR)));
        $forward = self::keys(FlightCar::steps(self::at(Cases::FORWARD)));

        self::assertSame([true, false], [in_array('flight.car.level', $rear, true), in_array('flight.car.tether', $rear, true)]);
        self::assertSame([false, true], [in_array('flight.car.level', $forward, true), in_array('flight.car.tether', $forward, true)]);
    }

    /** @param array<string, mixed> $changes */
    private static function at(string $case, array $changes = []): AssessmentContext
    {
        return new AssessmentContext(Cases::read($case, $changes));
    }

    /**
     * @param list<Message> $messages
     * @return list<string>
     */
    private static function keys(array $messages): array
    {
        return array_map(static fn(Message $m): string => $m->key, $messages);
    }
}
