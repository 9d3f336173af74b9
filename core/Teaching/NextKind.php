<?php

declare(strict_types=1);

namespace MintBuckle\Core\Teaching;

use MintBuckle\Core\Facts\ModeName;

/** What changes for a child as it grows, in the order in which it comes. */
enum NextKind: string
{
    case TurnForward = 'turn_forward';
    case Raised = 'booster';
    case NoBack = 'no_back';
    case BeltAlone = 'belt_alone';
    case FrontSeat = 'front_seat';

    /** @return list<self> what still lies ahead of a child that rides so */
    public static function after(ModeName $mode): array
    {
        return array_values(array_filter(self::cases(), static fn(self $kind): bool => match ($kind) {
            self::TurnForward => $mode->facesRear(),
            self::Raised => $mode->hasHarness(),
            self::NoBack => $mode->hasHarness() || ($mode->isBooster() && $mode->hasBack()),
            self::BeltAlone => $mode->hasSeat(),
            self::FrontSeat => true,
        }));
    }

    /** Whether a child rides so after the change. */
    public function leadsTo(ModeName $mode): bool
    {
        return match ($this) {
            self::TurnForward => $mode->isForwardHarness(),
            self::Raised => $mode->isBooster(),
            self::NoBack => $mode->isBooster() && ! $mode->hasBack(),
            self::BeltAlone, self::FrontSeat => ! $mode->hasSeat(),
        };
    }

    /** Whether it is the way of riding that is outgrown as this change comes. */
    public function ends(ModeName $mode): bool
    {
        return match ($this) {
            self::TurnForward => $mode->facesRear(),
            self::Raised => $mode->isForwardHarness(),
            self::NoBack => $mode->isBooster() && $mode->hasBack(),
            self::BeltAlone, self::FrontSeat => false,
        };
    }
}
