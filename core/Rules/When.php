<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BaseUse;
use MintBuckle\Core\Facts\BusFixing;
use MintBuckle\Core\Facts\BusSystem;
use MintBuckle\Core\Facts\Lock;

/** When a fact matters. */
enum When
{
    case SeatJudged;
    case Harness;
    case Rear;
    case ForwardHarness;
    case ForwardOrBooster;
    case Booster;
    case HighBack;
    case WithSeat;
    case Placed;
    case PlacedWithSeat;
    case BeltHolds;
    case AnchorsHold;
    case Held;
    case RearTethered;
    case Tethered;
    /** A belt holds, on a seat not known to have no clamp door. */
    case BeltHoldsByDoor;
    /** A clamp door is claimed as the lock. */
    case DoorLocks;
    case ClipLocks;
    /** A shell on its base, or one that has none. */
    case OnBase;
    /** A shell that lifts off a base or turns on it, the base in use. */
    case ShellMoves;
    case OnBus;
    case OnBusRestrained;
    /** A seat with a harness of its own on a bench, not built in. */
    case BusHarnessSeat;
    case WrapHolds;
    case Vest;

    public function holds(AssessmentContext $s): bool
    {
        $setup = $s->setup();

        return match ($this) {
            self::SeatJudged => $s->seat !== null,
            self::Harness => $s->isHarness(),
            self::Rear => $s->isRear(),
            self::ForwardHarness => $s->isForwardHarness(),
            self::ForwardOrBooster => $s->isForwardHarness() || $s->isBooster(),
            self::Booster => $s->isBooster(),
            self::HighBack => $s->mode?->guidesShoulderBelt() === true,
            self::WithSeat => $s->isHarness() || $s->isBooster(),
            self::Placed => $s->place !== null,
            self::PlacedWithSeat => $s->place !== null && $s->mode?->hasSeat() !== false,
            self::BeltHolds => $s->beltHolds(),
            self::AnchorsHold => $s->anchorsHold(),
            self::Held => $s->beltHolds() || $s->anchorsHold(),
            self::Tethered => $s->isHarness() && $setup->tether->used === true,
            self::RearTethered => $s->isRear() && $setup->tether->used === true,
            self::BeltHoldsByDoor => $s->beltHolds() && $s->seat?->clampDoor !== false,
            self::DoorLocks => $s->isHarness() && self::BeltHoldsByDoor->holds($s) && in_array(Lock::ClampDoor, $setup->lock ?? [], true),
            self::ClipLocks => $s->isHarness() && $s->beltHolds() && in_array(Lock::Clip, $setup->lock ?? [], true),
            self::OnBase => self::WithSeat->holds($s) && $setup->base !== BaseUse::None,
            self::OnBus => $s->bus !== null,
            self::OnBusRestrained => $s->isRestrainedOnBus(),
            self::BusHarnessSeat => $s->system?->isHarnessSeat() === true,
            self::WrapHolds => in_array(BusFixing::Wrap, $s->bus->heldBy ?? [], true),
            self::Vest => $s->system === BusSystem::Vest,
            self::ShellMoves => self::OnBase->holds($s) && ($s->seat?->detachable === true || $s->seat?->turns === true),
        };
    }
}
