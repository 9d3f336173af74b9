<?php

declare(strict_types=1);

namespace MintBuckle\Core\Locking;

use MintBuckle\Core\CaseFile\Belt;
use MintBuckle\Core\CaseFile\LatchPlate;
use MintBuckle\Core\CaseFile\Leave;
use MintBuckle\Core\CaseFile\Position;
use MintBuckle\Core\CaseFile\Retractor;
use MintBuckle\Core\CaseFile\Seat;
use MintBuckle\Core\Situation;
use MintBuckle\Core\Truth;

/** How the belt at the place in use can be locked for this seat: every way, judged, in the order in which to try them. */
final readonly class LockFinder
{
    /** @param list<LockWay> $ways lockoff, latch plate, retractor, clip */
    private function __construct(public array $ways) {}

    public static function find(Situation $s): self
    {
        $place = $s->place ?? new Position('');
        $seat = $s->seat ?? new Seat();

        return new self([
            self::lockoff($s, $place, $seat),
            self::latchPlate($s, $place),
            self::retractor($s, $place),
            self::clip($s, $place, $seat),
        ]);
    }

    public function anyWorks(): Truth
    {
        return array_reduce($this->ways, static fn(Truth $any, LockWay $way): Truth => $any->or($way->works), Truth::No);
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

    /** Whether the retractor there can lock at all. */
    public static function retractorCanLock(Position $place): Truth
    {
        return match ($place->retractor) {
            null => Truth::Unknown,
            Retractor::AlwaysLocking, Retractor::Switchable => Truth::Yes,
            Retractor::EmergencyLocking, Retractor::None => Truth::No,
        };
    }

    private static function hasBelt(Position $place): Truth
    {
        return $place->belt === null ? Truth::Unknown : Truth::of($place->belt !== Belt::None);
    }

    private static function lockoff(Situation $s, Position $place, Seat $seat): LockWay
    {
        $has = Truth::of($seat->lockoff)->or(Truth::of($seat->tensionDoor));
        $wish = $seat->lockRetractorToo;
        $retractor = $wish === Leave::Required ? self::retractorCanLock($place) : Truth::Yes;
        $works = $has->and(self::hasBelt($place))->and($retractor);
        $also = match ($wish) {
            Leave::Required => ['Lock the retractor too, as the seat\'s maker asks.'],
            Leave::Forbidden => ['Leave the retractor free: the seat\'s maker forbids both.'],
            default => [],
        };
        $steps = ['Draw out only enough belt to buckle.', 'Buckle and take the slack out.', 'Close the lock-off or the tension door over the belt.', ...$also];
        $because = match (true) {
            $has === Truth::No => 'The seat has no lock-off and no tension door.',
            $retractor === Truth::No => 'Its maker wants the retractor locked too, and this one cannot.',
            $works === Truth::Yes => 'The seat itself holds the belt.',
            $works === Truth::No => 'There is no belt here.',
            default => 'It is not known whether the seat has one, or what the belt here is.',
        };
        $missing = $works === Truth::Unknown ? [
            ...($has === Truth::Unknown ? ['seat.lockoff'] : []),
            ...($place->belt === null ? [$s->placePath('belt')] : []),
            ...($retractor === Truth::Unknown ? [$s->placePath('retractor')] : []),
        ] : [];

        return new LockWay('lockoff', $works, $because, $works === Truth::Yes ? $steps : [], $missing);
    }

    private static function latchPlate(Situation $s, Position $place): LockWay
    {
        $can = $place->latchPlate === null ? Truth::Unknown : Truth::of($place->latchPlate === LatchPlate::Locking || $place->latchPlate === LatchPlate::Switched);
        $works = $can->and(self::hasBelt($place));

        return new LockWay(
            'latch_plate',
            $works,
            match ($works) {
                Truth::Yes => 'The latch plate holds the lap part.',
                Truth::No => $place->latchPlate === LatchPlate::Sewn ? 'The latch plate is sewn on and cannot hold the lap part.' : 'Nothing in this latch plate holds the lap part.',
                Truth::Unknown => 'The latch plate is not known: slide the webbing through it.',
            },
            $works !== Truth::Yes ? [] : [
                'Buckle.',
                $place->latchPlate === LatchPlate::Switched ? 'Set the switch on the latch plate, then pull the lap part tight.' : 'Pull the lap part tight through the latch plate.',
                'Pull hard on the lap part: it must give nothing.',
            ],
            $works === Truth::Unknown ? [...($place->latchPlate === null ? [$s->placePath('latch_plate')] : []), ...($place->belt === null ? [$s->placePath('belt')] : [])] : [],
        );
    }

    private static function retractor(Situation $s, Position $place): LockWay
    {
        $works = self::retractorCanLock($place)->and(self::hasBelt($place));

        return new LockWay(
            'retractor',
            $works,
            match ($works) {
                Truth::Yes => 'The retractor can lock the whole belt.',
                Truth::No => $place->retractor === Retractor::EmergencyLocking ? 'This retractor stops only on a tug and locks nothing.' : 'No retractor here can lock.',
                Truth::Unknown => 'The retractor is not known: pull the belt slowly to the very end and let it back.',
            },
            match (true) {
                $works !== Truth::Yes => [],
                $place->retractor === Retractor::AlwaysLocking => ['Draw the belt out past the dead zone and hold it.', 'Buckle, and let the belt take up.', 'Pull firmly: it must give nothing.'],
                default => ['Buckle and take the slack out.', 'Draw the shoulder belt out slowly to the very end.', 'Let it back and feel for the ratchet; it may be too quiet to hear.', 'Pull firmly: it must give nothing.'],
            },
            $works === Truth::Unknown ? [...($place->retractor === null ? [$s->placePath('retractor')] : []), ...($place->belt === null ? [$s->placePath('belt')] : [])] : [],
        );
    }

    /** Last choice: an emergency-locking retractor with a sliding plate on a lap-shoulder belt, and no lock-off on the seat. A sewn plate cannot carry one, from memory. */
    private static function clip(Situation $s, Position $place, Seat $seat): LockWay
    {
        $tests = [
            $s->placePath('belt') => $place->belt === null ? Truth::Unknown : Truth::of($place->belt === Belt::LapShoulder),
            $s->placePath('latch_plate') => $place->latchPlate === null ? Truth::Unknown : Truth::of($place->latchPlate === LatchPlate::Sliding),
            $s->placePath('retractor') => $place->retractor === null ? Truth::Unknown : Truth::of($place->retractor === Retractor::EmergencyLocking),
            'seat.lockoff' => Truth::of($seat->lockoff)->or(Truth::of($seat->tensionDoor))->not(),
        ];
        $works = array_reduce($tests, static fn(Truth $all, Truth $one): Truth => $all->and($one), Truth::Yes);

        return new LockWay(
            'clip',
            $works,
            match ($works) {
                Truth::Yes => 'A locking clip can join lap and shoulder part; two people, last choice.',
                Truth::No => 'A locking clip is for a lap-shoulder belt with a sliding plate and a retractor that cannot lock, on a seat without a lock-off.',
                Truth::Unknown => 'The belt, its plate or its retractor is not known.',
            },
            $works !== Truth::Yes ? [] : ['Buckle, tighten, and pinch both parts together at the plate.', 'Unbuckle without letting go; put both layers under all four prongs, close to the plate.', 'Buckle again while a second person pushes the seat down.', 'Try the movement; begin again if the clip has moved.'],
            $works === Truth::Unknown ? array_keys(array_filter($tests, static fn(Truth $t): bool => $t === Truth::Unknown)) : [],
        );
    }
}
