<?php

declare(strict_types=1);

namespace MintBuckle\Core\Asking;

use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Situation;

/**
 * What leads from a finding to its remedy: the facts to enter afresh once it was put right, and the seat's own figure that may say
 * otherwise. A star stands for the mode or place in use.
 */
final readonly class Remedies
{
    /** Of findings with a subject, the subject's fact: "measure.loose side" is looked at again with the side. */
    private const BY_SUBJECT = [
        'measure.loose' => 'setup.movement.',
        'measure.at_limit' => 'setup.movement.',
    ];

    private const FACTS = [
        'label.unreadable'            => ['seat.label_readable', 'seat.maker', 'seat.model', 'seat.made_on'],
        'label.name_only'             => ['seat.model'],
        'label.standard'              => ['seat.standards'],
        'expiry.passed'               => ['seat.made_on', 'seat.use_until', 'seat.life_years'],
        'expiry.soon'                 => ['seat.use_until'],
        'expiry.unknown'              => ['seat.use_until', 'seat.life_years'],
        'recall.affected'             => ['seat.remedied'],
        'recall.possible'             => ['seat.made_on', 'seat.model', 'seat.serial'],
        'register.missing'            => ['seat.registered'],
        'history.unknown'             => ['seat.history.known'],
        'history.crash'               => ['seat.history.crash'],
        'history.crash_unclear'       => ['seat.history.crash_points.drove_away', 'seat.history.crash_points.near_door_sound', 'seat.history.crash_points.nobody_hurt', 'seat.history.crash_points.no_airbag', 'seat.history.crash_points.seat_sound'],
        'condition.damage'            => ['seat.history.damage'],
        'condition.altered'           => ['seat.history.altered'],
        'condition.part_missing'      => ['seat.history.parts_missing'],
        'condition.part_missing_minor' => ['seat.history.parts_missing'],
        'extras.unapproved'           => ['seat.history.extras'],
        'mode.not_offered'            => ['setup.mode'],
        'mode.under_one_forward'      => ['setup.mode'],
        'mode.law_rear'               => ['setup.mode'],
        'mode.forward_early'          => ['setup.mode'],
        'mode.outside_limits'         => ['setup.mode', 'child.weight', 'child.height'],
        'mode.booster_early'          => ['setup.mode'],
        'mode.booster_could_harness'  => ['setup.mode'],
        'mode.back_off_early'         => ['setup.mode'],
        'mode.belt_only_early'        => ['setup.mode'],
        'mode.law_booster'            => ['setup.mode'],
        'mode.front_row_under_13'     => ['setup.position'],
        'fit.head_rear'               => ['setup.head_to_shell_top'],
        'fit.head_forward'            => ['setup.ears_above'],
        'fit.shoulder_marker'         => ['setup.marker'],
        'place.airbag'                => ['setup.position'],
        'place.airbag_forward'        => ['setup.position'],
        'place.taken'                 => ['setup.position', 'vehicle.positions.*.taken'],
        'place.side_facing'           => ['setup.position'],
        'place.no_belt'               => ['setup.position'],
        'place.booster_lap_only'      => ['setup.position'],
        'place.no_tether_anchor'      => ['setup.position'],
        'place.front_contact'         => ['setup.front_contact'],
        'place.handle'                => ['setup.handle'],
        'place.back_not_upright'      => ['setup.vehicle_back_upright'],
        'place.gap_behind'            => ['setup.touches_vehicle_back'],
        'place.head_restraint'        => ['setup.head_restraint_pushes'],
        'secure.nothing'              => ['setup.held_by'],
        'secure.both'                 => ['setup.held_by'],
        'secure.booster_anchor_not_allowed' => ['setup.held_by'],
        'secure.wrong_path'           => ['setup.belt_path'],
        'secure.webbing_path'         => ['setup.webbing'],
        'secure.belt_guides'          => ['setup.belt_in_guides'],
        'secure.anchor_overweight'    => ['setup.held_by'],
        'secure.anchor_not_there'     => ['setup.anchor_designated', 'setup.held_by'],
        'secure.anchor_borrowed'      => ['setup.anchors_borrowed', 'setup.held_by'],
        'secure.hook_upside_down'     => ['setup.hook_right_way_up'],
        'secure.belt_unlocked'        => ['setup.lock'],
        'secure.double_lock'          => ['setup.lock'],
        'secure.lockoff_wrong'        => ['setup.lockoff_used'],
        'secure.clip_far'             => ['setup.clip_distance'],
        'secure.clip_prongs'          => ['setup.clip_prongs'],
        'secure.clip_with_lock'       => ['setup.lock'],
        'secure.twist'                => ['setup.twisted'],
        'secure.strap_trapped'        => ['setup.strap_trapped'],
        'secure.buckle_turns'         => ['setup.buckle_turns'],
        'secure.buckle_in_path'       => ['setup.buckle_in_path'],
        'secure.inflatable_belt'      => ['setup.position', 'setup.held_by'],
        'secure.door_open'            => ['setup.clamp_door_closed'],
        'secure.shell_unlocked'       => ['setup.shell_locked'],
        'secure.baseless_not_allowed' => ['setup.base'],
        'secure.straps_not_stowed'    => ['setup.unused_straps_stowed'],
        'secure.tail'                 => ['setup.anchor_tail_loose'],
        'secure.booster_not_parked'   => ['setup.empty_booster_buckled'],
        'measure.tether_masked'       => ['setup.movement.tether_loose'],
        'measure.wrong_spot'          => ['setup.movement.at_belt_path'],
        'measure.too_upright'         => ['setup.indicator', 'setup.angle', 'setup.recline_setting'],
        'measure.too_flat'            => ['setup.indicator', 'setup.angle', 'setup.recline_setting'],
        'measure.zone'                => ['setup.zone'],
        'measure.not_level'           => ['setup.level_ground'],
        'measure.recline_setting'     => ['setup.recline_setting'],
        'measure.foot_position'       => ['setup.foot'],
        'measure.overhang'            => ['setup.overhang', 'setup.base_on_cushion'],
        'measure.tether_unused'       => ['setup.tether.used'],
        'measure.tether_forbidden'    => ['setup.tether.used'],
        'measure.tether_slack'        => ['setup.tether.slack'],
        'measure.tether_overtight'    => ['setup.tether.overtight'],
        'measure.tether_twist'        => ['setup.tether.twisted'],
        'measure.tether_route'        => ['setup.tether.routed'],
        'measure.part_required'       => ['setup.parts_fitted'],
        'measure.part_forbidden'      => ['setup.parts_fitted'],
        'measure.side_pod'            => ['setup.side_pod'],
        'measure.wedge_not_allowed'   => ['setup.wedge'],
        'harness.not_buckled'         => ['setup.harness.buckled'],
        'harness.height'              => ['setup.harness.slot'],
        'harness.height_far'          => ['setup.harness.slot'],
        'harness.slack'               => ['setup.harness.tightness.passes'],
        'harness.wrong_test'          => ['setup.harness.tightness.test'],
        'harness.hip_slack'           => ['setup.harness.hips_snug'],
        'harness.too_tight'           => ['setup.harness.too_tight'],
        'harness.twist'               => ['setup.harness.twisted'],
        'harness.clip'                => ['setup.harness.clip'],
        'harness.crotch'              => ['setup.harness.crotch.slot', 'setup.harness.crotch.under_child', 'setup.harness.crotch.nearest_clear'],
        'harness.slouch'              => ['setup.harness.slouch'],
        'harness.coat'                => ['setup.harness.coat'],
        'harness.padding'             => ['setup.harness.padding'],
        'harness.head_support'        => ['setup.harness.head_support_ok'],
        'harness.tail'                => ['setup.harness.tail_loose'],
        'booster.lap'                 => ['setup.booster.lap'],
        'booster.shoulder'            => ['setup.booster.shoulder'],
        'booster.under_arm'           => ['setup.booster.under_arm'],
        'booster.guides'              => ['setup.booster.guides_ok', 'setup.booster.guides_missed'],
        'booster.slouch'              => ['setup.booster.slouch'],
        'booster.slack'               => ['setup.booster.slack'],
        'booster.head_support'        => ['setup.booster.head_support_ok'],
        'booster.head'                => ['setup.booster.ears_above'],
        'booster.lap_only'            => ['setup.position'],
        'booster.belt_locked'         => ['setup.booster.belt_locked'],
        'handover.unsigned'           => ['handover.technician', 'handover.checker'],
        'handover.checker_same'       => ['handover.checker'],
        'handover.not_shown_back'     => ['handover.shown_back'],
    ];

    /** Where the manual may say otherwise: the seat's own figure. */
    private const OWN_FIGURE = [
        'measure.loose'            => ['seat.movement_max'],
        'measure.at_limit'         => ['seat.movement_max'],
        'secure.clip_far'          => ['seat.clip_distance_max'],
        'secure.anchor_overweight' => ['seat.lower_anchor_child_max'],
        'measure.overhang'         => ['seat.overhang_max'],
        'measure.too_upright'      => ['seat.modes.*.angle_min'],
        'measure.too_flat'         => ['seat.modes.*.angle_max'],
        'fit.head_rear'            => ['seat.modes.*.head_clearance_min'],
        'mode.outside_limits'      => ['seat.modes.*.weight_min', 'seat.modes.*.weight_max', 'seat.modes.*.height_min', 'seat.modes.*.height_max'],
        'harness.height'           => ['seat.strap_rule_rear', 'seat.strap_rule_forward'],
        'harness.slack'            => ['seat.tightness_test'],
        'harness.wrong_test'       => ['seat.tightness_test'],
        'measure.tether_unused'    => ['seat.tether_rear'],
        'measure.tether_forbidden' => ['seat.tether_rear'],
    ];

    /** @return list<string> paths of the facts that show whether a finding was put right */
    public static function facts(Finding $finding, Situation $s): array
    {
        $prefix = self::BY_SUBJECT[$finding->code->value] ?? null;

        return $prefix !== null && $finding->subject !== null ? [$prefix . $finding->subject] : self::inUse(self::FACTS[$finding->code->value] ?? [], $s);
    }

    /** @return list<string> paths of the seat's own figures that would be held against */
    public static function ownFigures(Code $code, Situation $s): array
    {
        $figures = self::inUse(self::OWN_FIGURE[$code->value] ?? [], $s);

        return array_values(array_filter($figures, static fn(string $path): bool => ! in_array($path, [$s->isRear() ? 'seat.strap_rule_forward' : 'seat.strap_rule_rear'], true) && ($path !== 'seat.tether_rear' || $s->isRear())));
    }

    /**
     * @param list<string> $paths
     * @return list<string>
     */
    private static function inUse(array $paths, Situation $s): array
    {
        return array_map(static fn(string $path): string => match (true) {
            str_starts_with($path, 'vehicle.positions.*.') => $s->placePath(substr($path, strlen('vehicle.positions.*.'))),
            str_starts_with($path, 'seat.modes.*.') => $s->modePath(substr($path, strlen('seat.modes.*.'))),
            default => $path,
        }, $paths);
    }
}
