<?php

declare(strict_types=1);

namespace MintBuckle\Core\Kit;

/**
 * What a checkup event brings along, by the handbook's section 1: what is used up, what is given away (seats, by the catalogue's name of
 * their kind), what is only used.
 */
enum KitItem: string
{
    case Noodle = 'noodle';
    case Towel = 'towel';
    case LockingClip = 'locking_clip';
    case BeltPeg = 'belt_peg';
    case SeatOnBase = 'infant-seat-on-base';
    case Convertible = 'convertible';
    case Rotating = 'rotating';
    case Combination = 'combination';
    case TallBooster = 'high-back-booster';
    case LowBooster = 'backless-booster';
    case Vest = 'vest';
    case Scale = 'scale';
    case Tape = 'tape';
    case AngleGauge = 'angle_gauge';
    case Shears = 'shears';
    case Forms = 'forms';

    private const SEATS = [
        self::SeatOnBase, self::Convertible, self::Rotating, self::Combination, self::TallBooster, self::LowBooster, self::Vest,
    ];

    /** Whether it goes home with a family. */
    public function isSeat(): bool
    {
        return in_array($this, self::SEATS, true);
    }
}
