<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Locking\LockWay;
use MintBuckle\Core\Situation;
use MintBuckle\Core\Truth;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LockFinderTest extends TestCase
{
    /** @return iterable<string, array{string|null, string|null, string|null, bool|null, list<string>}> belt, retractor, plate, lock-off, the ways that work in order */
    public static function hardware(): iterable
    {
        yield 'switchable' => ['lap_shoulder', 'switchable', 'sliding', false, ['retractor']];
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
                            self::assertNotSame('', $way->because);
                            self::assertSame([$way->works === Truth::Yes, $way->works === Truth::Unknown], [$way->steps !== [], $way->missing !== []], "{$belt} {$retractor} {$plate} {$way->way}");
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
        $required = self::find('lap_shoulder', 'elr', 'locking', true, 'required')->ways[0];
        $forbidden = self::find('lap_shoulder', 'switchable', 'sliding', true, 'forbidden')->ways[0];

        self::assertSame([Truth::No, 'Its maker wants the retractor locked too, and this one cannot.'], [$required->works, $required->because]);
        self::assertContains('Leave the retractor free: the seat\'s maker forbids both.', $forbidden->steps);
    }

    private static function find(?string $belt, ?string $retractor, ?string $plate, ?bool $lockoff, ?string $wish = null): LockFinder
    {
        $place = 'vehicle.positions.1.';

        return LockFinder::find(new Situation(Cases::read(Cases::REAR, [
            $place . 'belt' => $belt, $place . 'retractor' => $retractor, $place . 'latch_plate' => $plate,
            'seat.lockoff' => $lockoff, 'seat.tension_door' => false, 'seat.lock_retractor_too' => $wish,
        ])));
    }
}
