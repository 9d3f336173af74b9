<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Capacity\ExpectedStarts;
use MintBuckle\Core\Capacity\Pace;
use MintBuckle\Core\Crew\Certificate;
use MintBuckle\Core\Crew\CrewSize;
use MintBuckle\Core\Kit\KitItem;
use MintBuckle\Core\Kit\KitUse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a checkup event reckons with: who may sign, how many there must be, when a family's turn comes, what was taken from the kit. */
final class EventDayTest extends TestCase
{
    /** @return iterable<string, array{string|null, Certificate, int|null}> */
    public static function certificates(): iterable
    {
        yield 'nobody said' => [null, Certificate::Unknown, null];
        yield 'ended yesterday' => ['2026-10-09', Certificate::Ended, -1];
        yield 'its last day' => ['2026-10-10', Certificate::EndsSoon, 0];
        yield 'sixty days, the last that is warned of' => ['2026-12-09', Certificate::EndsSoon, 60];
        yield 'sixty-one' => ['2026-12-10', Certificate::Holds, 61];
    }

    #[DataProvider('certificates')]
    public function testACertificateOnADay(?string $until, Certificate $state, ?int $left): void
    {
        $day = CalendarDate::of(2026, 10, 10);
        $date = $until === null ? null : CalendarDate::parse($until);
        self::assertSame([$state, $left, $state !== Certificate::Ended], [Certificate::on($day, $date), Certificate::daysLeft($day, $date), $state->maySign()]);
    }

    /** Handbook section 1: one senior checker for four technicians; technicians times open minutes over minutes a seat. */
    public function testWhoIsNeeded(): void
    {
        self::assertSame([0, 1, 1, 2, 2, 3], array_map(CrewSize::seniors(...), [0, 1, 4, 5, 8, 9]));
        self::assertSame([64, 0, 1, 0], [CrewSize::seats(8, 240, 30), CrewSize::seats(0, 240, 30), CrewSize::seats(1, 30, 30), CrewSize::seats(1, 29, 30)]);
    }

    /** Four seats of the plan beside those that were looked at. */
    public function testThePaceFollowsTheDay(): void
    {
        self::assertSame([30.0, 40.0, 20.0], [Pace::of(30, 0, 0)->minutesASeat, Pace::of(30, 200, 4)->minutesASeat, Pace::of(30, 40, 4)->minutesASeat]);
        self::assertSame(80.0, Pace::of(30, 200, 4)->minutes(2));
    }

    /** @return iterable<string, array{list<array{float, int}>, list<int>, int, list<float>}> in bays (minutes, seats), waiting seats, places, starts */
    public static function rows(): iterable
    {
        yield 'nobody waits' => [[[5.0, 1]], [], 3, []];
        yield 'a bay is free' => [[[5.0, 1]], [1], 2, [0.0]];
        yield 'two for one free bay' => [[[5.0, 1]], [1, 1], 2, [0.0, 25.0]];
        yield 'whoever is free first' => [[[10.0, 1], [20.0, 1]], [1, 2, 1], 2, [10.0, 20.0, 40.0]];
        yield 'a family that takes longer than expected' => [[[90.0, 1]], [1], 1, [7.5]];
        yield 'more than one seat takes longer' => [[[0.0, 3]], [1], 1, [90.0]];
        yield 'nobody works: as if one did' => [[], [1, 1], 0, [0.0, 30.0]];
        yield 'a family without a seat takes the time of one' => [[], [0, 1], 1, [0.0, 30.0]];
    }

    /**
     * @param list<array{float, int}> $inBays
     * @param list<int> $waiting
     * @param list<float> $starts
     */
    #[DataProvider('rows')]
    public function testWhenATurnComes(array $inBays, array $waiting, int $places, array $starts): void
    {
        $there = array_map(static fn(array $one): array => ['minutes' => $one[0], 'seats' => $one[1]], $inBays);
        self::assertSame($starts, ExpectedStarts::of($there, $waiting, $places, Pace::of(30, 0, 0)));
    }

    /** Nobody starts before whoever came first. */
    public function testTurnsComeInOrder(): void
    {
        $starts = ExpectedStarts::of([['minutes' => 3.0, 'seats' => 2], ['minutes' => 50.0, 'seats' => 1]], [2, 1, 3, 1, 1, 2], 4, Pace::of(25, 130, 5));
        $sorted = $starts;
        sort($sorted);
        self::assertSame($sorted, $starts);
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>, array<string, int>, bool}> found, left, taken, whether a seat was given */
    public static function takings(): iterable
    {
        yield 'nothing' => [[], [], [], false];
        yield 'two noodles' => [['setup.wedge' => 'none'], ['setup.wedge' => 'noodle', 'setup.wedge_count' => 2], ['noodle' => 2], false];
        yield 'one more than the family had' => [['setup.wedge' => 'noodle', 'setup.wedge_count' => 1], ['setup.wedge' => 'noodle', 'setup.wedge_count' => 3], ['noodle' => 2], false];
        yield 'the family\'s own towel' => [['setup.wedge' => 'towel', 'setup.wedge_count' => 1], ['setup.wedge' => 'towel', 'setup.wedge_count' => 1], [], false];
        yield 'taken out' => [['setup.wedge' => 'noodle', 'setup.wedge_count' => 3], ['setup.wedge' => 'none'], [], false];
        yield 'noodles for a towel' => [['setup.wedge' => 'towel', 'setup.wedge_count' => 1], ['setup.wedge' => 'noodle', 'setup.wedge_count' => 1], ['noodle' => 1], false];
        yield 'how many was not said' => [['setup.wedge' => 'none'], ['setup.wedge' => 'towel', 'setup.wedge_count' => null], ['towel' => 1], false];
        yield 'a locking clip' => [['setup.lock' => []], ['setup.lock' => ['clip']], ['locking_clip' => 1], false];
        yield 'the clip was there' => [['setup.lock' => ['clip']], ['setup.lock' => ['clip']], [], false];
        yield 'another seat' => [[], ['seat.maker' => 'Pellwick', 'seat.model' => 'PW-88'], [], true];
        yield 'its name spelt otherwise' => [['seat.maker' => 'Ottermoor', 'seat.model' => 'OM 220'], ['seat.maker' => 'ottermoor', 'seat.model' => 'OM-220'], [], false];
        yield 'a child without a seat' => [['seat' => null], [], [], true];
    }

    /**
     * @param array<string, mixed> $found
     * @param array<string, mixed> $left
     * @param array<string, int> $taken
     */
    #[DataProvider('takings')]
    public function testWhatACheckTookFromTheKit(array $found, array $left, array $taken, bool $given): void
    {
        $use = KitUse::of(Cases::read(Cases::REAR, $found), Cases::read(Cases::REAR, $left));
        self::assertSame([$taken, $given], [$use->counts, $use->isSeatGiven]);
    }

    public function testSeatsAreToldApartFromTools(): void
    {
        self::assertSame(7, count(array_filter(KitItem::cases(), static fn(KitItem $item): bool => $item->isSeat())));
        self::assertFalse(KitItem::Noodle->isSeat());
    }
}
