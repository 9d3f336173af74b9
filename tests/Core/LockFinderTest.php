<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Locking\LockWay;
use MintBuckle\Core\Truth\Truth;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

final class LockFinderTest extends TestCase
{
    /** @return iterable<string, array{string|null, string|null, string|null, bool|null, list<string>}> belt, retractor, plate, lock-off, the ways that work in order */
    public static function hardware(): iterable
    {
        yield 'switchable' => ['lap_shoulder', 'switchable', 'sliding', false, ['retractor', 'clip']];
        yield 'switchable, locking plate: no clip' => ['lap_shoulder', 'switchable', 'locking', false, ['latch_plate', 'retractor']];
        yield 'always locking' => ['lap_shoulder', 'alr', 'sliding', false, ['retractor']];
        yield 'elr and sliding: the clip' => ['lap_shoulder', 'elr', 'sliding', false, ['clip']];
        yield 'elr and sliding with a lock-off: no clip' => ['lap_shoulder', 'elr', 'sliding', true, ['lockoff']];
        yield 'elr and locking plate' => ['lap_shoulder', 'elr', 'locking', false, ['latch_plate']];
        yield 'elr and switched plate' => ['lap_shoulder', 'elr', 'switch', false, ['latch_plate']];
        yield 'elr and sewn plate: nothing' => ['lap_shoulder', 'elr', 'sewn', false, []];
        yield 'lap belt, elr and sliding: nothing' => ['lap', 'elr', 'sliding', false, []];
        yield 'lap belt, no retractor, locking plate' => ['lap', 'none', 'locking', false, ['latch_plate']];
        yield 'all of them' => ['lap_shoulder', 'switchable', 'locking', true, ['lockoff', 'latch_plate', 'retractor']];
        yield 'no belt' => ['none', 'switchable', 'locking', true, []];
    }

    /** @param list<string> $working */
    #[DataProvider('hardware')]
    public function testWaysThatWork(?string $belt, ?string $retractor, ?string $plate, ?bool $lockoff, array $working): void
    {
        $ways = self::find($belt, $retractor, $plate, $lockoff)->inOrder();

        self::assertSame($working, array_map(static fn(LockWay $w): string => $w->way, array_values(array_filter($ways, static fn(LockWay $w): bool => $w->works === Truth::Yes))));
        self::assertSame([], array_filter($ways, static fn(LockWay $w): bool => $w->works === Truth::Unknown));
    }

    /** No combination is unanswered or answered twice; what works has steps, what does not says why, what is open names the fact. */
    public function testEveryCombination(): void
    {
        foreach (['lap_shoulder', 'lap', 'none', null] as $belt) {
            foreach (['elr', 'alr', 'switchable', 'none', null] as $retractor) {
                foreach (['sliding', 'locking', 'switch', 'sewn', null] as $plate) {
                    foreach ([true, false, null] as $lockoff) {
                        $ways = self::find($belt, $retractor, $plate, $lockoff)->ways;
                        self::assertSame(['lockoff', 'latch_plate', 'retractor', 'clip'], array_map(static fn(LockWay $w): string => $w->way, $ways));
                        foreach ($ways as $way) {
                            self::assertStringEndsWith('.', Told::english($way->because()));
                            self::assertSame($way->works === Truth::Unknown, $way->missing !== [], "{$belt} {$retractor} {$plate} {$way->way}");
                        }
                    }
                }
            }
        }
    }

    /** @return iterable<string, array{string|null, string|null, string|null, bool|null, array<string, list<string>>}> hardware, then by way what would decide it */
    public static function unknown(): iterable
    {
        $here = 'vehicle.positions.1.';
        yield 'retractor' => ['lap_shoulder', null, 'sliding', false, ['retractor' => [$here . 'retractor'], 'clip' => [$here . 'retractor']]];
        yield 'plate' => ['lap_shoulder', 'elr', null, false, ['latch_plate' => [$here . 'latch_plate'], 'clip' => [$here . 'latch_plate']]];
        yield 'belt' => [null, 'switchable', 'locking', true, ['lockoff' => [$here . 'belt'], 'latch_plate' => [$here . 'belt'], 'retractor' => [$here . 'belt']]];
        yield 'lock-off' => ['lap_shoulder', 'elr', 'sliding', null, ['lockoff' => ['seat.lockoff'], 'clip' => ['seat.lockoff']]];
        yield 'nothing known' => [null, null, null, null, [
            'lockoff' => ['seat.lockoff', $here . 'belt'],
            'latch_plate' => [$here . 'latch_plate', $here . 'belt'],
            'retractor' => [$here . 'retractor', $here . 'belt'],
            'clip' => [$here . 'belt', $here . 'latch_plate', $here . 'retractor', 'seat.lockoff'],
        ]];
    }

    /** @param array<string, list<string>> $missing */
    #[DataProvider('unknown')]
    public function testUnknownHardwareIsAskedNeverGuessed(?string $belt, ?string $retractor, ?string $plate, ?bool $lockoff, array $missing): void
    {
        $open = [];
        foreach (self::find($belt, $retractor, $plate, $lockoff)->ways as $way) {
            if ($way->works === Truth::Unknown) {
                $open[$way->way] = $way->missing;
            }
        }
        self::assertSame($missing, $open);
    }

    public function testTheMakersWish(): void
    {
        $own = static fn(string $retractor, string $wish): array => [($way = self::find('lap_shoulder', $retractor, 'locking', true, $wish)->ways[0])->works, Told::english($way->because())];

        self::assertSame([Truth::No, 'Its maker wants the retractor locked too, and this one cannot.'], $own('elr', 'required'));
        self::assertSame([Truth::Yes, 'The seat itself holds the belt.'], $own('switchable', 'required'));
        self::assertSame([Truth::Yes, 'The seat itself holds the belt.'], $own('switchable', 'forbidden'));
        self::assertSame([Truth::No, 'Its maker forbids it beside a locked retractor, and this one is always locked.'], $own('alr', 'forbidden'));
        self::assertSame([Truth::Yes, 'The seat itself holds the belt.'], $own('alr', 'allowed'));
    }

    /** @return iterable<string, array{string|null, string|null, Truth, list<string>}> where the lock-off sits, base, works, missing */
    public static function bases(): iterable
    {
        yield 'on the base, which is used' => ['base', 'used', Truth::Yes, []];
        yield 'on the base, which stays behind' => ['base', 'none', Truth::No, []];
        yield 'on the shell, without base' => ['shell', 'none', Truth::Yes, []];
        yield 'on both, without base' => ['both', 'none', Truth::Yes, []];
        yield 'not known where, without base' => [null, 'none', Truth::Unknown, ['seat.lockoff_on']];
        yield 'not known where, base used' => [null, 'used', Truth::Yes, []];
        yield 'base not known' => ['base', null, Truth::Yes, []];
    }

    /** @param list<string> $missing */
    #[DataProvider('bases')]
    public function testALockThatStaysOnTheBase(?string $on, ?string $base, Truth $works, array $missing): void
    {
        $locks = LockFinder::of(new AssessmentContext(Cases::read(Cases::REAR, ['seat.lockoff' => true, 'seat.lockoff_on' => $on, 'setup.base' => $base])));

        self::assertSame([$works, $missing], [$locks->ways[0]->works, $locks->ways[0]->missing]);
        self::assertSame([$works, $missing], $locks->holds(Lock::Lockoff));
    }

    /** A claimed clip counts on a seat with a lock-off too, though the calculator does not offer it there. */
    public function testAClaimedClip(): void
    {
        $holds = static fn(string $retractor, string $plate, string $belt = 'lap_shoulder'): Truth => self::find($belt, $retractor, $plate, true)->holds(Lock::Clip)[0];

        self::assertSame([Truth::Yes, Truth::Yes, Truth::No, Truth::No], [$holds('elr', 'sliding'), $holds('switchable', 'sliding'), $holds('alr', 'sliding'), $holds('none', 'sliding')]);
        self::assertSame([Truth::No, Truth::No], [$holds('elr', 'sewn'), $holds('elr', 'sliding', 'lap')]);
    }

    public function testTheFirstWayNamesTheLockItself(): void
    {
        self::assertSame(Lock::Lockoff, self::find('lap_shoulder', 'switchable', 'sliding', true)->first());
        self::assertSame(Lock::ClampDoor, LockFinder::of(new AssessmentContext(Cases::read(Cases::REAR, ['seat.lockoff' => null, 'seat.clamp_door' => true])))->first());
        self::assertSame(Lock::Retractor, self::find('lap_shoulder', 'switchable', 'sliding', false)->first());
        self::assertNull(self::find('lap', 'elr', 'sliding', false)->first());
    }

    private static function find(?string $belt, ?string $retractor, ?string $plate, ?bool $lockoff, ?string $wish = null): LockFinder
    {
        $place = 'vehicle.positions.1.';

        return LockFinder::of(new AssessmentContext(Cases::read(Cases::REAR, [
            $place . 'belt' => $belt, $place . 'retractor' => $retractor, $place . 'latch_plate' => $plate,
            'seat.lockoff' => $lockoff, 'seat.clamp_door' => false, 'seat.lock_retractor_too' => $wish,
        ])));
    }
}
