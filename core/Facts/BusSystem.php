<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What keeps a child on a bench of a bus. */
enum BusSystem: string
{
    case RearHarness = 'rear_harness';
    case ForwardHarness = 'forward_harness';
    /** Built into the bench. */
    case Integrated = 'integrated';
    /** Five-point harness strapped round the seat back and the bottom of the bench. */
    case Addon = 'addon';
    case Vest = 'vest';
    case Booster = 'booster';
    case None = 'none';

    public function isRestraint(): bool
    {
        return $this !== self::None;
    }

    public function facesRear(): bool
    {
        return $this === self::RearHarness;
    }

    /** A seat of its own that is set on the bench and fixed there. */
    public function isHarnessSeat(): bool
    {
        return $this === self::RearHarness || $this === self::ForwardHarness;
    }

    /** What belongs to a bus: no seat that another vehicle could have. */
    public function isOfBusesOnly(): bool
    {
        return $this === self::Integrated || $this === self::Addon || $this === self::Vest;
    }

    /** Whether a way of riding is one that this system offers. */
    public function allows(ModeName $mode): bool
    {
        return match ($this) {
            self::RearHarness => $mode->hasHarness() && $mode->facesRear(),
            self::ForwardHarness, self::Integrated, self::Addon, self::Vest => $mode->isForwardHarness(),
            self::Booster => $mode->isBooster(),
            self::None => ! $mode->hasSeat(),
        };
    }

    /** A way of riding that it offers; null for none of its own. */
    public function mode(): ?ModeName
    {
        return match ($this) {
            self::RearHarness => ModeName::RearHarness,
            self::ForwardHarness, self::Integrated, self::Addon, self::Vest => ModeName::ForwardHarness,
            self::Booster => ModeName::HighBackBooster,
            self::None => null,
        };
    }

    /** The only one that a way of riding may be; null where several may. */
    public static function only(?ModeName $mode): ?self
    {
        $may = $mode === null ? [] : array_filter(self::cases(), static fn(self $system): bool => $system->allows($mode));

        return count($may) === 1 ? array_values($may)[0] : null;
    }
}
