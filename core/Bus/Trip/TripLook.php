<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus\Trip;

use MintBuckle\Core\Facts\BusSystem;
use MintBuckle\Core\Finding\Code;

/** What is looked at before each trip. Common practice of the trade: belts, wraps, straps and the benches behind wraps. */
enum TripLook: string
{
    /** The aisle and the emergency exits. */
    case Way = 'way';
    case Wrap = 'wrap';
    /** The bench behind a wrap. */
    case Behind = 'behind';
    case Belt = 'belt';
    /** How a system is fixed to the bench. */
    case Restraint = 'restraint';
    /** The child in it. */
    case Straps = 'straps';

    /** @return list<Code> what may be found here; none where only words can say it */
    public function faults(?BusSystem $system): array
    {
        return array_map(Code::of(...), match ($this) {
            self::Way => [],
            self::Wrap => ['bus.wrap_loose', 'bus.wrap_frayed'],
            self::Behind => ['bus.behind_unrestrained'],
            self::Belt => ['bus.belt_altered', 'bus.buckle_end_long', 'secure.twist'],
            self::Restraint => self::ofRestraint($system),
            self::Straps => self::ofStraps($system),
        });
    }

    /** @return list<string> */
    private static function ofRestraint(?BusSystem $system): array
    {
        return match ($system) {
            BusSystem::RearHarness, BusSystem::ForwardHarness
                => ['measure.loose', 'bus.touches_front', 'bus.overhang', 'bus.tether_used', 'bus.both', 'secure.wrong_path'],
            BusSystem::Vest => ['bus.vest_points', 'bus.vest_top_from_below', 'bus.vest_not_rethreaded'],
            BusSystem::Integrated, BusSystem::Addon => ['condition.damage', 'measure.loose'],
            default => ['condition.damage'],
        };
    }

    /** @return list<string> */
    private static function ofStraps(?BusSystem $system): array
    {
        return match ($system) {
            BusSystem::Vest => [
                'bus.slouch',
                'bus.vest_size',
                'bus.vest_backwards',
                'bus.vest_over_coat',
                'bus.vest_no_crotch',
                'bus.vest_crotch_tight',
                'bus.vest_low_strap',
                'bus.vest_neck',
            ],
            BusSystem::Booster => ['bus.slouch', 'booster.lap', 'booster.shoulder', 'booster.under_arm', 'booster.slack'],
            default => [
                'bus.slouch',
                'harness.slack',
                'harness.height',
                'harness.twist',
                'harness.clip',
                'harness.coat',
                'harness.not_buckled',
            ],
        };
    }
}
