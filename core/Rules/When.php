<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules;

use MintBuckle\Core\CaseFile\BaseUse;
use MintBuckle\Core\CaseFile\Lock;
use MintBuckle\Core\CaseFile\ModeName;
use MintBuckle\Core\Situation;

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
    case Placed;
    case PlacedWithSeat;
    case BeltHolds;
    case AnchorsHold;
    case Held;
    case RearTethered;
    case Tethered;
    case DoorLocks;
    case ClipLocks;
    case ShellDetaches;

    public function holds(Situation $s): bool
    {
        $setup = $s->setup();

        return match ($this) {
            self::SeatJudged => $s->seat !== null,
            self::Harness => $s->isHarness(),
            self::Rear => $s->isRear(),
            self::ForwardHarness => $s->isForwardHarness(),
            self::ForwardOrBooster => $s->isForwardHarness() || $s->isBooster(),
            self::Booster => $s->isBooster(),
            self::HighBack => $s->mode === ModeName::HighBackBooster,
            self::Placed => $s->place !== null && $s->mode !== null,
            self::PlacedWithSeat => $s->place !== null && ($s->isHarness() || $s->isBooster()),
            self::BeltHolds => $s->beltHolds(),
            self::AnchorsHold => $s->anchorsHold(),
            self::Held => $s->beltHolds() || $s->anchorsHold(),
            self::Tethered => $s->isHarness() && $setup->tether->used === true,
            self::RearTethered => $s->isRear() && $setup->tether->used === true,
            self::DoorLocks => $s->beltHolds() && in_array(Lock::TensionDoor, $setup->lock ?? [], true),
            self::ClipLocks => $s->isHarness() && $s->beltHolds() && in_array(Lock::Clip, $setup->lock ?? [], true),
            self::ShellDetaches => $s->isHarness() && $s->seat?->detachable === true && $setup->base !== BaseUse::None,
        };
    }
}
