<?php

declare(strict_types=1);

namespace Tests\Core\Second;

/** The case format's "What is asked": by path, whether it is among the questions. */
final class QuestionsReading extends Fit
{
    use Ways;

    private const ASKED = 'asked';

    public function says(): array
    {
        if ($this->mode === 'belt_only' || $this->mode === null) {
            return ['setup.mode' => $this->mode === null ? self::ASKED : null, 'child.born_on' => $this->age === null ? self::ASKED : null];
        }
        return [
            'setup.mode' => null,
            'child.born_on' => $this->age === null ? self::ASKED : null,
            'seat.label_readable' => $this->unknown('seat.label_readable'),
            'seat.standards' => $this->unknown('seat.standards'),
            'seat.history.known' => $this->unknown('seat.history.known'),
            'seat.history.crash' => $this->unknown('seat.history.crash'),
            'seat.history.altered' => $this->unknown('seat.history.altered'),
            'setup.position' => $this->unknown('setup.position'),
            'setup.wedge' => $this->unknown('setup.wedge'),
            'seat.wedge_ok' => $this->mode === 'rear_harness' && in_array($this->text('setup.wedge'), ['noodle', 'towel'], true) ? $this->unknown('seat.wedge_ok') : null,
            ...$this->place(),
            ...($this->isHarness() ? [...$this->holding(), ...$this->measuring(), ...$this->harness()] : $this->booster()),
            ...$this->handingOver(),
        ];
    }

    private function unknown(string $path): ?string
    {
        return $this->get($path) === null ? self::ASKED : null;
    }

    /** @param bool|null $brings whether it is brought in; null: this reading cannot tell */
    private function when(?bool $brings, string $path): ?string
    {
        return $brings === null ? self::OPEN : ($brings ? $this->unknown($path) : null);
    }

    /** @return array<string, string|null> */
    private function place(): array
    {
        $rear = $this->mode === 'rear_harness';

        return [
            'setup.front_contact' => $this->when($rear, 'setup.front_contact'),
            'setup.handle' => $this->when(is_array($this->ofMode('handle_positions')), 'setup.handle'),
            'setup.vehicle_back_upright' => $this->when(! $rear, 'setup.vehicle_back_upright'),
            'setup.touches_vehicle_back' => null,
            'setup.head_restraint_pushes' => null,
        ];
    }

    /** @return array<string, string|null> */
    private function holding(): array
    {
        $belt = in_array($this->held, ['belt', 'both'], true);
        $bars = in_array($this->held, ['lower_anchors', 'both'], true);
        $locks = $this->listed('setup.lock') ?? [];
        $open = $this->held === null ? null : false;
        $clip = $belt && in_array('clip', $locks, true);
        $baseless = $this->text('setup.base') === 'none' ? $this->text('seat.baseless_webbing') : null;

        return [
            'setup.held_by' => $this->unknown('setup.held_by'),
            'setup.belt_path' => $this->when($this->held === null ? null : $this->held !== 'nothing', 'setup.belt_path'),
            'setup.lock' => $this->when($belt ?: $open, 'setup.lock'),
            'setup.twisted' => $this->when($belt || $bars ?: $open, 'setup.twisted'),
            'setup.webbing' => $this->when($belt ? ($baseless ?? $this->ofMode('webbing')) !== null : $open, 'setup.webbing'),
            'setup.clip_distance' => $this->when($clip ?: $open, 'setup.clip_distance'),
            'setup.clip_prongs' => $this->when($clip ?: $open, 'setup.clip_prongs'),
            'setup.lockoff_used' => null,
            'setup.buckle_turns' => null,
            'setup.anchors_borrowed' => $this->when($bars ?: $open, 'setup.anchors_borrowed'),
            'setup.anchor_designated' => $this->when($bars ?: $open, 'setup.anchor_designated'),
            'vehicle.buckle_turns_ok' => self::OPEN,
            'setup.shell_locked' => $this->when(
                $this->text('setup.base') === 'none' ? false : ($this->get('seat.detachable') === true || $this->get('seat.turns') === true),
                'setup.shell_locked',
            ),
            'setup.base' => $this->when($this->text('seat.baseless') !== null, 'setup.base'),
            'vehicle.lower_anchor_child_max' => self::OPEN,
        ];
    }

    /** @return array<string, string|null> */
    private function measuring(): array
    {
        $rear = $this->mode === 'rear_harness';
        $held = $this->held !== 'nothing';
        $wanted = $this->get("seat.modes.{$this->mode}.parts_required");
        $unwanted = $this->get("seat.modes.{$this->mode}.parts_forbidden");
        $tether = $this->get('setup.tether.used');
        $called = $this->mode === 'forward_harness' ? true : $this->demandsTether();
        $inUse = $tether === true ? true : ($tether === false ? false : $called);

        return [
            'setup.movement.at_belt_path' => $this->when($held, 'setup.movement.at_belt_path'),
            'setup.movement.up' => null,
            'setup.movement.side_felt' => null,
            'setup.movement.tether_loose' => null,
            'setup.movement.side' => ! $held || $this->get('setup.movement.at_belt_path') === false || $this->get('setup.movement.side') !== null || $this->text('setup.movement.side_felt') !== null
                ? null
                : self::ASKED,
            'setup.level_ground' => $this->when($rear, 'setup.level_ground'),
            ...$this->reclining($rear),
            'setup.recline_setting' => $this->when(is_array($this->ofMode('recline')), 'setup.recline_setting'),
            'setup.foot' => $this->when($this->ofMode('foot') !== null, 'setup.foot'),
            'setup.marker' => $this->when($this->ofMode('shoulder_markers') === true, 'setup.marker'),
            'setup.parts_fitted' => $this->when(($wanted ?? []) !== [] || ($unwanted ?? []) !== [], 'setup.parts_fitted'),
            'setup.side_pod' => $this->when(in_array($this->text('seat.side_pod'), ['both', 'door_side', 'none'], true), 'setup.side_pod'),
            'setup.head_to_shell_top' => $this->when($rear, 'setup.head_to_shell_top'),
            'setup.ears_above' => $this->when(! $rear, 'setup.ears_above'),
            'setup.tether.used' => $this->unknown('setup.tether.used'),
            'setup.tether.slack' => $this->when($inUse, 'setup.tether.slack'),
            'setup.tether.routed' => $this->when($tether === true, 'setup.tether.routed'),
            'setup.tether.overtight' => $this->when($tether === true && $rear, 'setup.tether.overtight'),
            'setup.tether.twisted' => null,
            'setup.tether.hook_right_way_up' => null,
        ];
    }

    /** @return array<string, string|null> */
    private function reclining(bool $rear): array
    {
        if (! $rear) {
            return ['setup.angle' => null, 'setup.indicator' => null];
        }
        [$least, $most] = [$this->figure($this->ofMode('angle_min'), false), $this->figure($this->ofMode('angle_max'), true)];
        if ($least === self::OPEN || $most === self::OPEN || ! in_array($this->mode, $this->modes(), true)) {
            return [];
        }
        $range = is_array($least) || is_array($most);
        $angle = $this->get('setup.angle') !== null;
        $indicator = $this->text('setup.indicator') !== null;

        return [
            'setup.angle' => $range && ! $angle && ! $indicator ? self::ASKED : null,
            'setup.indicator' => ! $range && ! $indicator ? self::ASKED : null,
        ];
    }

    /** @return array<string, string|null> */
    private function harness(): array
    {
        $at = 'setup.harness.';
        $slots = $this->listed('seat.slots');

        return [
            "{$at}buckled" => $this->unknown("{$at}buckled"),
            "{$at}tightness.passes" => $this->unknown("{$at}tightness.passes"),
            "{$at}too_tight" => $this->unknown("{$at}too_tight"),
            "{$at}twisted" => $this->unknown("{$at}twisted"),
            "{$at}slouch" => $this->unknown("{$at}slouch"),
            "{$at}coat" => $this->unknown("{$at}coat"),
            "{$at}padding" => $this->unknown("{$at}padding"),
            "{$at}clip" => $this->hasClip() === false ? null : $this->unknown("{$at}clip"),
            'seat.chest_clip' => $this->hasClip() !== null ? null : self::ASKED,
            "{$at}crotch.under_child" => $this->unknown("{$at}crotch.under_child"),
            "{$at}crotch.slot" => $this->when(is_array($this->ofMode('crotch_slots')), "{$at}crotch.slot"),
            "{$at}crotch.nearest_clear" => null,
            "{$at}hips_snug" => null,
            "{$at}tail_loose" => null,
            "{$at}head_support_ok" => null,
            "{$at}insert" => null,
            "{$at}slot" => match (true) {
                // Asked again where it contradicts what was measured.
                $this->get("{$at}slot") !== null => $this->get("{$at}strap_offset") === null ? null : self::OPEN,
                default => $slots === [] ? null : self::ASKED,
            },
            'seat.slots' => $slots === null ? self::ASKED : null,
            'child.shoulder_height' => $slots === [] ? self::OPEN : ($this->get('child.shoulder_height') === null ? self::ASKED : self::OPEN),
        ];
    }

    /** @return array<string, string|null> */
    private function booster(): array
    {
        $says = [];
        foreach (['lap', 'shoulder', 'under_arm', 'guides_ok', 'ears_above'] as $looked) {
            $says["setup.booster.{$looked}"] = $this->unknown("setup.booster.{$looked}");
        }
        foreach (['belt_locked', 'slouch', 'slack', 'guides_missed'] as $judged) {
            $says["setup.booster.{$judged}"] = null;
        }
        if ($this->listed('setup.booster.guides_missed') ?? []) {
            unset($says['setup.booster.guides_ok']);
        }

        return [
            ...$says,
            'setup.booster.head_support_ok' => $this->when($this->mode === 'high_back_booster', 'setup.booster.head_support_ok'),
            'setup.overhang' => null,
            'setup.base_on_cushion' => null,
            'setup.clamp_door_closed' => null,
            'setup.tether.used' => null,
        ];
    }

    /** @return array<string, string|null> */
    private function handingOver(): array
    {
        $wanted = $this->get('policy.second_signer') === true;

        return ['handover' => $this->get('handover') === null && $wanted ? self::ASKED : null];
    }
}
