<?php

declare(strict_types=1);

namespace MintBuckle\Core\Locking;

use Closure;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BaseUse;
use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\LatchPlate;
use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Facts\LockoffPlace;
use MintBuckle\Core\Facts\MakerPermission;
use MintBuckle\Core\Facts\Retractor;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Truth\Truth;
use WeakMap;

/** How the belt at one place can be locked for one seat: every way, judged, in the order in which to try them. */
final readonly class LockFinder
{
    /** @var list<LockWay> lock-off, latch plate, retractor, clip */
    public array $ways;

    /**
     * @param Closure(string): string $path of a fact of the place
     * @param BaseUse|null $base without its base only a lock that sits on the shell can hold
     */
    private function __construct(private Seat $seat, private SeatingPosition $place, private Closure $path, private ?BaseUse $base)
    {
        $this->ways = [$this->ownLock(), $this->latchPlate(), $this->retractor(), $this->clip()];
    }

    /** At the place in use; a place that is not known can do anything. */
    public static function of(AssessmentContext $s): self
    {
        /** @var WeakMap<AssessmentContext, self> $found each context once: many rules ask */
        static $found = new WeakMap();

        return $found[$s] ??= self::at($s->seat ?? new Seat(), $s->place ?? new SeatingPosition(''), $s->placePaths(), $s->setup()->base);
    }

    /** @param Closure(string): string $path of a fact of the place */
    public static function at(Seat $seat, SeatingPosition $place, Closure $path, ?BaseUse $base): self
    {
        return new self($seat, $place, $path, $base);
    }

    public function anyWorks(): Truth
    {
        return Truth::any(...array_map(static fn(LockWay $way): Truth => $way->works, $this->ways));
    }

    /** The first way that is known to work; null when none is. */
    public function first(): ?Lock
    {
        foreach ($this->ways as $way) {
            if ($way->works === Truth::Yes) {
                return $way->way === LockWay::OWN ? $this->ownLockThatWorks() : Lock::from($way->way);
            }
        }

        return null;
    }

    /** @return list<string> paths of the facts that would decide */
    public function missing(): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn(LockWay $w): array => $w->missing, $this->ways))));
    }

    /** @return list<LockWay> those that work first, else in the finder's order */
    public function inOrder(): array
    {
        $ways = $this->ways;
        usort($ways, static fn(LockWay $a, LockWay $b): int => ($a->works !== Truth::Yes) <=> ($b->works !== Truth::Yes));

        return $ways;
    }

    /**
     * Whether a lock that is claimed can hold here. A claimed clip counts on a seat with a lock-off or clamp door too, though the
     * finder does not offer it there.
     *
     * @return array{Truth, list<string>} and the paths of the facts that would tell
     */
    public function holds(Lock $lock): array
    {
        return self::all(match ($lock) {
            Lock::Lockoff, Lock::ClampDoor => $this->testsOfOwnLock($lock),
            Lock::LatchPlate => $this->testsOfLatchPlate(),
            Lock::Retractor => $this->testsOfRetractor(),
            Lock::Clip => $this->testsOfClip(),
        });
    }

    /** Whether the retractor there can lock at all. */
    public static function retractorCanLock(SeatingPosition $place): Truth
    {
        return match ($place->retractor) {
            null => Truth::Unknown,
            Retractor::AlwaysLocking, Retractor::Switchable => Truth::Yes,
            Retractor::EmergencyLocking, Retractor::None => Truth::No,
        };
    }

    /** The lock-off, else the clamp door, of which one is known to work. */
    private function ownLockThatWorks(): Lock
    {
        return $this->holds(Lock::Lockoff)[0] === Truth::Yes ? Lock::Lockoff : Lock::ClampDoor;
    }

    /**
     * @param list<array{string, Truth}> $tests path of the fact that each reads, and how it turned out
     * @return array{Truth, list<string>} whether all hold, and what would tell while that is open
     */
    private static function all(array $tests): array
    {
        $works = Truth::all(...array_column($tests, 1));
        $open = array_filter($tests, static fn(array $test): bool => $test[1] === Truth::Unknown);

        return [$works, $works === Truth::Unknown ? array_values(array_unique(array_column($open, 0))) : []];
    }

    private function hasBelt(): Truth
    {
        return $this->place->belt === null ? Truth::Unknown : Truth::of($this->place->belt !== Belt::None);
    }

    /** Whether the retractor here goes with what the maker says of it beside the seat's own lock. */
    private function retractorAsWanted(): Truth
    {
        return match (true) {
            $this->seat->lockRetractorToo === MakerPermission::Required => self::retractorCanLock($this->place),
            $this->seat->lockRetractorToo !== MakerPermission::Forbidden => Truth::Yes,
            $this->place->retractor === null => Truth::Unknown,
            default => Truth::of($this->place->retractor !== Retractor::AlwaysLocking),
        };
    }

    /** Whether the seat's own lock is there as the seat is used: one on the base stays behind with it. */
    private function ownLockComesAlong(): Truth
    {
        return match (true) {
            $this->base !== BaseUse::None => Truth::Yes,
            $this->seat->lockoffOn === null => Truth::Unknown,
            default => Truth::of($this->seat->lockoffOn !== LockoffPlace::Base),
        };
    }

    /** @return list<array{string, Truth}> */
    private function testsOfOwnLock(Lock $lock): array
    {
        return [
            $lock === Lock::Lockoff
                ? ['seat.lockoff', Truth::of($this->seat->lockoff)]
                : ['seat.clamp_door', Truth::of($this->seat->clampDoor)],
            ...$this->testsBesideOwnLock(),
        ];
    }

    /** @return list<array{string, Truth}> what a lock of the seat's own needs of place and set-up */
    private function testsBesideOwnLock(): array
    {
        return [
            [($this->path)('belt'), $this->hasBelt()],
            [($this->path)('retractor'), $this->retractorAsWanted()],
            ['seat.lockoff_on', $this->ownLockComesAlong()],
        ];
    }

    /** @return list<array{string, Truth}> */
    private function testsOfLatchPlate(): array
    {
        $plate = $this->place->latchPlate;

        return [
            [
                ($this->path)('latch_plate'),
                $plate === null ? Truth::Unknown : Truth::of($plate === LatchPlate::Locking || $plate === LatchPlate::Switched),
            ],
            [($this->path)('belt'), $this->hasBelt()],
        ];
    }

    /** @return list<array{string, Truth}> */
    private function testsOfRetractor(): array
    {
        return [
            [($this->path)('retractor'), self::retractorCanLock($this->place)],
            [($this->path)('belt'), $this->hasBelt()],
        ];
    }

    /** @return list<array{string, Truth}> */
    private function testsOfClip(): array
    {
        $retractor = $this->place->retractor;

        return [
            [($this->path)('belt'), $this->place->belt === null ? Truth::Unknown : Truth::of($this->place->belt === Belt::LapShoulder)],
            [
                ($this->path)('latch_plate'),
                $this->place->latchPlate === null ? Truth::Unknown : Truth::of($this->place->latchPlate === LatchPlate::Sliding),
            ],
            [
                ($this->path)('retractor'),
                $retractor === null
                    ? Truth::Unknown
                    : Truth::of($retractor === Retractor::EmergencyLocking || $retractor === Retractor::Switchable),
            ],
        ];
    }

    /** @return list<array{string, Truth}> whether the seat has a lock of its own, by each fact that leaves it open */
    private function testsOfHaving(): array
    {
        $has = Truth::of($this->seat->lockoff)->or(Truth::of($this->seat->clampDoor));
        $open = [
            ...($this->seat->lockoff === null ? [['seat.lockoff', Truth::Unknown]] : []),
            ...($this->seat->clampDoor === null ? [['seat.clamp_door', Truth::Unknown]] : []),
        ];

        return $has === Truth::Unknown ? $open : [['seat.lockoff', $has]];
    }

    private function ownLock(): LockWay
    {
        $has = $this->testsOfHaving();
        [$works, $missing] = self::all([...$has, ...$this->testsBesideOwnLock()]);
        $because = match (true) {
            $has[0][1] === Truth::No => 'own_none',
            $works === Truth::Yes => 'own_works',
            $this->ownLockComesAlong() === Truth::No => 'own_on_base',
            $this->retractorAsWanted() === Truth::No => $this->seat->lockRetractorToo === MakerPermission::Required
                ? 'own_needs_retractor'
                : 'own_forbids_retractor',
            $works === Truth::No => 'no_belt',
            default => 'own_unknown',
        };

        return new LockWay(LockWay::OWN, $works, $because, $missing);
    }

    private function latchPlate(): LockWay
    {
        [$works, $missing] = self::all($this->testsOfLatchPlate());

        return new LockWay(Lock::LatchPlate->value, $works, match ($works) {
            Truth::Yes => 'plate_works',
            Truth::No => match (true) {
                $this->place->belt === Belt::None => 'no_belt',
                $this->place->latchPlate === LatchPlate::Sewn => 'plate_sewn',
                default => 'plate_slides',
            },
            Truth::Unknown => 'plate_unknown',
        }, $missing);
    }

    private function retractor(): LockWay
    {
        [$works, $missing] = self::all($this->testsOfRetractor());

        return new LockWay(Lock::Retractor->value, $works, match ($works) {
            Truth::Yes => 'retractor_works',
            Truth::No => match (true) {
                $this->place->belt === Belt::None => 'no_belt',
                $this->place->retractor === Retractor::EmergencyLocking => 'retractor_tug',
                default => 'retractor_none',
            },
            Truth::Unknown => 'retractor_unknown',
        }, $missing);
    }

    /**
     * Last choice: a sliding plate on a lap-shoulder belt, a retractor that stays free, and no lock-off or clamp door on the seat. A
     * sewn plate cannot carry one, from memory.
     */
    private function clip(): LockWay
    {
        $noOwn = array_map(static fn(array $test): array => [$test[0], $test[1]->not()], $this->testsOfHaving());
        [$works, $missing] = self::all([...$this->testsOfClip(), ...$noOwn]);

        return new LockWay(Lock::Clip->value, $works, match ($works) {
            Truth::Yes => $this->place->retractor === Retractor::Switchable
                ? 'clip_tips'
                : 'clip_works',
            Truth::No => 'clip_not',
            Truth::Unknown => 'clip_unknown',
        }, $missing);
    }
}
