<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Ride;

/** The ways of riding, most protective first. */
enum ModeName: string
{
    case RearHarness = 'rear_harness';
    case ForwardHarness = 'forward_harness';
    case HighBackBooster = 'high_back_booster';
    case BacklessBooster = 'backless_booster';
    case BeltOnly = 'belt_only';

    /** Those that a seat can be made for. */
    public const OF_SEATS = [self::RearHarness, self::ForwardHarness, self::HighBackBooster, self::BacklessBooster];

    public function ride(): Ride
    {
        return match ($this) {
            self::RearHarness, self::ForwardHarness => Ride::Harness,
            self::HighBackBooster, self::BacklessBooster => Ride::Booster,
            self::BeltOnly => Ride::BeltOnly,
        };
    }

    public function isHarness(): bool
    {
        return $this->ride() === Ride::Harness;
    }

    public function isBooster(): bool
    {
        return $this->ride() === Ride::Booster;
    }

    public function title(): string
    {
        return match ($this) {
            self::RearHarness => 'Rear-facing harness',
            self::ForwardHarness => 'Forward-facing harness',
            self::HighBackBooster => 'High-back booster',
            self::BacklessBooster => 'Backless booster',
            self::BeltOnly => 'Seat belt alone',
        };
    }

    /** Inside a sentence: "a rear-facing harness seat". */
    public function word(): string
    {
        return match ($this) {
            self::RearHarness => 'rear-facing harness seat',
            self::ForwardHarness => 'forward-facing harness seat',
            self::HighBackBooster => 'high-back booster',
            self::BacklessBooster => 'backless booster',
            self::BeltOnly => 'seat belt alone',
        };
    }
}
