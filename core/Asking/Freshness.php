<?php

declare(strict_types=1);

namespace MintBuckle\Core\Asking;

/**
 * What must be looked at again once a fact was put right: a seat that was locked afresh, turned or moved has not been measured yet.
 * Only facts that are asked while they are unknown stand here; one that is merely judged when given would take its fault away with it.
 * Common practice.
 */
final readonly class Freshness
{
    private const MOVES = ['setup.movement.side', 'setup.movement.front', 'setup.movement.side_felt', 'setup.movement.front_felt'];

    private const LIES = ['setup.indicator', 'setup.angle', 'setup.zone'];

    private const STANDS = ['setup.overhang', 'setup.base_on_cushion', 'setup.front_contact'];

    private const HOLDS = ['setup.lock', 'setup.lockoff_used', 'setup.clamp_door_closed', 'setup.clip_distance', 'setup.clip_prongs', 'setup.twisted', 'setup.anchor_designated', 'setup.anchors_borrowed', 'setup.hook_right_way_up'];

    private const TETHER = ['setup.tether.used', 'setup.tether.anchor_designated', 'setup.tether.slack', 'setup.tether.overtight', 'setup.tether.routed'];

    private const STRAPS = ['setup.harness.tightness.passes', 'setup.harness.clip', 'setup.harness.too_tight'];

    private const BELT_OVER_CHILD = ['setup.booster.lap', 'setup.booster.shoulder', 'setup.booster.under_arm', 'setup.booster.guides_ok'];

    /** Changed fact => what was seen before and no longer counts. */
    private const AFTER = [
        'setup.position'              => [...self::HOLDS, ...self::TETHER, ...self::MOVES, ...self::LIES, ...self::STANDS, ...self::BELT_OVER_CHILD, 'setup.vehicle_back_upright', 'setup.level_ground'],
        'setup.mode'                  => [...self::HOLDS, ...self::TETHER, ...self::MOVES, ...self::LIES, ...self::STANDS, ...self::BELT_OVER_CHILD, ...self::STRAPS, 'setup.belt_path', 'setup.webbing', 'setup.recline_setting', 'setup.foot', 'setup.parts_fitted', 'setup.vehicle_back_upright', 'setup.head_to_shell_top', 'setup.ears_above', 'setup.marker', 'setup.harness.slot', 'setup.harness.strap', 'setup.harness.strap_offset', 'setup.harness.crotch.slot', 'setup.harness.crotch.under_child'],
        'setup.held_by'               => [...self::HOLDS, ...self::MOVES, ...self::LIES],
        'setup.base'                  => [...self::HOLDS, ...self::MOVES, ...self::LIES, ...self::STANDS],
        'setup.belt_path'             => ['setup.twisted', ...self::MOVES, ...self::LIES],
        'setup.webbing'               => [...self::MOVES, ...self::LIES],
        'setup.lock'                  => [...self::MOVES, ...self::LIES],
        'setup.lockoff_used'          => self::MOVES,
        'setup.clamp_door_closed'   => self::MOVES,
        'setup.clip_distance'         => self::MOVES,
        'setup.clip_prongs'           => self::MOVES,
        'setup.twisted'               => self::MOVES,
        'setup.buckle_turns'          => self::MOVES,
        'setup.buckle_in_path'        => self::MOVES,
        'setup.strap_trapped'         => self::MOVES,
        'setup.belt_in_guides'        => self::MOVES,
        'setup.anchor_designated'     => self::MOVES,
        'setup.anchors_borrowed'      => self::MOVES,
        'setup.shell_locked'          => self::MOVES,
        'setup.recline_setting'       => [...self::MOVES, ...self::LIES, ...self::STANDS],
        'setup.foot'                  => [...self::MOVES, ...self::LIES],
        'setup.head_restraint'        => ['setup.vehicle_back_upright', ...self::MOVES],
        'setup.wedge_count'           => [...self::MOVES, ...self::LIES],
        'setup.wedge'                 => [...self::MOVES, ...self::LIES],
        'setup.parts_fitted'          => [...self::MOVES, ...self::LIES],
        'setup.vehicle_back_upright'  => [...self::MOVES, ...self::LIES],
        'setup.head_restraint_pushes' => self::MOVES,
        'setup.touches_vehicle_back'  => self::MOVES,
        'setup.overhang'              => self::MOVES,
        'setup.base_on_cushion'       => self::MOVES,
        'setup.tether.used'           => ['setup.tether.slack', 'setup.tether.overtight', 'setup.tether.routed', ...self::MOVES, ...self::LIES],
        'setup.tether.slack'          => [...self::MOVES, ...self::LIES],
        'setup.tether.overtight'      => [...self::MOVES, ...self::LIES],
        'setup.level_ground'          => self::LIES,
        'setup.harness.slot'          => ['setup.harness.strap', 'setup.harness.strap_offset', ...self::STRAPS],
        'setup.harness.buckled'       => self::STRAPS,
        'setup.harness.crotch.slot'   => ['setup.harness.crotch.under_child', ...self::STRAPS],
        'setup.harness.coat'          => self::STRAPS,
        'setup.harness.padding'       => self::STRAPS,
        'setup.harness.slouch'        => self::STRAPS,
        'setup.harness.twisted'       => self::STRAPS,
        'setup.harness.hips_snug'     => self::STRAPS,
        'setup.harness.insert'        => self::STRAPS,
        'setup.harness.tightness.passes' => ['setup.harness.too_tight'],
        'setup.booster.head_support_ok' => ['setup.booster.shoulder', 'setup.booster.ears_above'],
        'setup.booster.slouch'        => self::BELT_OVER_CHILD,
        'setup.booster.guides_ok'     => ['setup.booster.lap', 'setup.booster.shoulder'],
        'setup.booster.under_arm'     => ['setup.booster.lap', 'setup.booster.shoulder'],
    ];

    /** @return list<string> paths to be looked at again after this fact was changed */
    public static function after(string $path): array
    {
        return self::AFTER[$path] ?? [];
    }

    /** @return list<string> every fact whose change makes others stale */
    public static function changes(): array
    {
        return array_keys(self::AFTER);
    }
}
