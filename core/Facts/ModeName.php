<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Ride;
use MintBuckle\Core\Telling\Message;

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

    public function hasHarness(): bool
    {
        return $this->ride() === Ride::Harness;
    }

    public function isBooster(): bool
    {
        return $this->ride() === Ride::Booster;
    }

    /** Whether the child sits in a seat of its own. */
    public static function withoutSeat(): self
    {
        return self::BeltOnly;
    }

    public function hasSeat(): bool
    {
        return $this->ride() !== Ride::BeltOnly;
    }

    public function facesRear(): bool
    {
        return $this === self::RearHarness;
    }

    /** Whether a harness holds the child facing forward. */
    public function isForwardHarness(): bool
    {
        return $this->hasHarness() && ! $this->facesRear();
    }

    /** Whether the seat has a back and head part of its own; else the child leans on the vehicle's. */
    public function hasBack(): bool
    {
        return $this->hasSeat() && $this !== self::BacklessBooster;
    }

    /** Whether a back of its own leads the vehicle belt to the shoulder. */
    public function guidesShoulderBelt(): bool
    {
        return $this->isBooster() && $this->hasBack();
    }

    public function title(): Message
    {
        return new Message("modes.{$this->value}.title");
    }

    /** Where room is scarce. */
    public function short(): Message
    {
        return new Message("modes.{$this->value}.short");
    }

    /** Inside a sentence: "a rear-facing harness seat". */
    public function told(): Message
    {
        return new Message("modes.{$this->value}.within");
    }
}
