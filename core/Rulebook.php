<?php

declare(strict_types=1);

namespace MintBuckle\Core;

use InvalidArgumentException;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Rules\Buckle\BoosterBeltRule;
use MintBuckle\Core\Rules\Buckle\BoosterFacts;
use MintBuckle\Core\Rules\Buckle\ChestClipRule;
use MintBuckle\Core\Rules\Buckle\CrotchStrapRule;
use MintBuckle\Core\Rules\Buckle\HarnessFacts;
use MintBuckle\Core\Rules\Buckle\StrapHeightRule;
use MintBuckle\Core\Rules\Buckle\TightnessRule;
use MintBuckle\Core\Rules\Bus\BenchBeltRule;
use MintBuckle\Core\Rules\Bus\BenchHoldingRule;
use MintBuckle\Core\Rules\Bus\BenchPlaceRule;
use MintBuckle\Core\Rules\Bus\BusFacts;
use MintBuckle\Core\Rules\Bus\NoTetherAnchorRule;
use MintBuckle\Core\Rules\Bus\OnBenchRule;
use MintBuckle\Core\Rules\Bus\SystemRule;
use MintBuckle\Core\Rules\Bus\TripRule;
use MintBuckle\Core\Rules\Bus\VestPointsRule;
use MintBuckle\Core\Rules\Bus\VestWearerRule;
use MintBuckle\Core\Rules\Child\BeltOnlyRule;
use MintBuckle\Core\Rules\Child\BoosterAgeRule;
use MintBuckle\Core\Rules\Child\FrontRowRule;
use MintBuckle\Core\Rules\Child\ModeLimitsRule;
use MintBuckle\Core\Rules\Child\ModeOfferedRule;
use MintBuckle\Core\Rules\Child\SceneRule;
use MintBuckle\Core\Rules\Child\SpecialistRule;
use MintBuckle\Core\Rules\Child\TurnedForwardRule;
use MintBuckle\Core\Rules\Handover\HandoverRule;
use MintBuckle\Core\Rules\History\ConditionRule;
use MintBuckle\Core\Rules\History\CrashRule;
use MintBuckle\Core\Rules\History\ExtrasRule;
use MintBuckle\Core\Rules\History\HistoryFacts;
use MintBuckle\Core\Rules\InCar;
use MintBuckle\Core\Rules\Label\ExpiryRule;
use MintBuckle\Core\Rules\Label\LabelFacts;
use MintBuckle\Core\Rules\Label\RecallListRule;
use MintBuckle\Core\Rules\Label\RecallRule;
use MintBuckle\Core\Rules\Label\RegisterRule;
use MintBuckle\Core\Rules\Label\StandardRule;
use MintBuckle\Core\Rules\Measure\MovementRule;
use MintBuckle\Core\Rules\Measure\OverhangRule;
use MintBuckle\Core\Rules\Measure\PartsRule;
use MintBuckle\Core\Rules\Measure\ReclineRule;
use MintBuckle\Core\Rules\Measure\ReclineSettingRule;
use MintBuckle\Core\Rules\Measure\TetherFacts;
use MintBuckle\Core\Rules\Measure\TetherRule;
use MintBuckle\Core\Rules\Measure\WedgeRule;
use MintBuckle\Core\Rules\Place\AirbagRule;
use MintBuckle\Core\Rules\Place\HandleRule;
use MintBuckle\Core\Rules\Place\PlaceFacts;
use MintBuckle\Core\Rules\Place\PositionRule;
use MintBuckle\Core\Rules\Place\TetherAnchorRule;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Rules\Secure\AnchorPlaceRule;
use MintBuckle\Core\Rules\Secure\AnchorWeightRule;
use MintBuckle\Core\Rules\Secure\BaselessRule;
use MintBuckle\Core\Rules\Secure\BeltLockedRule;
use MintBuckle\Core\Rules\Secure\BeltPathRule;
use MintBuckle\Core\Rules\Secure\BuckleTurnsRule;
use MintBuckle\Core\Rules\Secure\HoldingRule;
use MintBuckle\Core\Rules\Secure\InflatableBeltRule;
use MintBuckle\Core\Rules\Secure\LockingClipRule;
use MintBuckle\Core\Rules\Secure\LockTogetherRule;
use MintBuckle\Core\Rules\Secure\SecureFacts;

/** The map of the trade: every rule, by station, in the order in which they are asked. */
final class Rulebook
{
    /** Year and edition. A signed assessment is kept with it. */
    public const VERSION = '2026.1';

    /** @var array<string, non-empty-list<Finds>>|null by code; of a code with several subjects, those without one first */
    private ?array $finds = null;

    /**
     * @param list<Rule> $rules
     * @param list<Finds> $beside found by the seating planner and the car view: they need the whole car
     */
    private function __construct(public readonly string $version, public readonly array $rules, private readonly array $beside) {}

    /** @return list<Code> every code there is, in the order of the rules */
    public function codes(): array
    {
        return array_values(array_map(static fn(array $same): Code => $same[0]->code, $this->found()));
    }

    /**
     * What belongs to a code.
     *
     * @param string|null $subject of the finding
     * @throws InvalidArgumentException when no rule finds it
     */
    public function finds(Code $code, ?string $subject = null): Finds
    {
        $same = $this->found()[$code->value] ?? throw new InvalidArgumentException("no rule finds {$code->value}");
        foreach ($same as $one) {
            if ($one->subject !== null && $one->subject === $subject) {
                return $one;
            }
        }

        return $same[0];
    }

    /** @return array<string, non-empty-list<Finds>> gathered when first asked for: judging needs none of it */
    private function found(): array
    {
        if ($this->finds === null) {
            $this->finds = [];
            foreach (
                [...array_merge(...array_map(static fn(Rule $rule): array => $rule->finds(), $this->rules)), ...$this->beside] as $one
            ) {
                $this->finds[$one->code->value][] = $one;
            }
        }

        return $this->finds;
    }

    /** The same one each time: rules hold nothing of a case. */
    public static function current(): self
    {
        /** @var self|null $current */
        static $current = null;

        return $current ??= new self(self::VERSION, [
            new SceneRule(),                    // is there a seat and a set-up

            // Label: who made it, when, until when
            new LabelFacts(),                   // label.unreadable  label.name_only
            new StandardRule(),                 // label.standard
            new ExpiryRule(),                   // expiry.passed  expiry.soon  expiry.unknown
            new RecallRule(),                   // recall.affected  recall.possible
            new RecallListRule(),               // recall.list_stale
            new RegisterRule(),                 // register.missing

            // History: what happened to it
            ...HistoryFacts::rules(),           // history.unknown  condition.altered
            new CrashRule(),                    // history.crash  history.minor_crash  history.crash_unclear
            new ConditionRule(),                // condition.damage  condition.part_missing  condition.part_missing_minor
            new ExtrasRule(),                   // extras.unapproved  extras.insert_range

            // Child: which way of riding fits
            new ModeOfferedRule(),              // mode.not_offered  mode.limits_unknown
            new TurnedForwardRule(),            // mode.under_one_forward  mode.law_rear  mode.forward_early
            new ModeLimitsRule(),               // mode.outside_limits  fit.head_rear  fit.head_forward  fit.shoulder_marker
            new BoosterAgeRule(),               // mode.booster_early  mode.booster_could_harness  mode.back_off_early
            new InCar(new BeltOnlyRule()),      // mode.belt_only_early  mode.law_booster
            new FrontRowRule(),                 // mode.front_row_under_13
            new SpecialistRule(),               // child.specialist

            // Place: where in the car
            new InCar(new PositionRule()),      // place.no_belt  place.booster_lap_only
            ...InCar::all(PlaceFacts::rules()), // place.taken  .side_facing  .front_contact  .back_not_upright  .gap_behind  .head_restraint
            new InCar(new AirbagRule()),        // place.airbag  place.airbag_forward
            new InCar(new TetherAnchorRule()),  // place.no_tether_anchor
            new InCar(new HandleRule()),        // place.handle

            // Secure: what holds it
            new InCar(new HoldingRule()),       // secure.nothing  secure.both  secure.booster_anchor_not_allowed
            new BeltPathRule(),                 // secure.wrong_path  secure.webbing_path
            new AnchorWeightRule(),             // secure.anchor_overweight
            new InCar(new AnchorPlaceRule()),   // secure.anchor_not_there  secure.anchor_borrowed
            new InCar(new BeltLockedRule()),    // secure.belt_unlocked
            new InCar(new LockTogetherRule()),  // secure.double_lock  secure.lockoff_wrong  secure.clip_with_lock
            new InCar(new LockingClipRule()),   // secure.clip_far  secure.clip_prongs
            new InCar(new BuckleTurnsRule()),   // secure.buckle_turns
            new InCar(new InflatableBeltRule()), // secure.inflatable_belt
            new BaselessRule(),                 // secure.baseless_not_allowed
            ...SecureFacts::everywhere(),       // secure.twist  .shell_unlocked
            ...InCar::all(SecureFacts::rules()), // secure.strap_trapped  .belt_guides  .buckle_in_path  .door_open  .hook_upside_down  .straps_not_stowed  .tail  .booster_not_parked

            // Measure: what it does when tried
            new MovementRule(),                 // measure.loose  measure.at_limit  measure.tether_masked  measure.wrong_spot
            new ReclineRule(),                  // measure.too_upright  measure.too_flat  measure.not_level  measure.zone
            new ReclineSettingRule(),           // measure.recline_setting
            new PartsRule(),                    // measure.foot_position  measure.part_required  measure.part_forbidden  measure.side_pod
            new OverhangRule(),                 // measure.overhang
            new InCar(new TetherRule()),        // measure.tether_unused  measure.tether_forbidden  measure.tether_slack
            ...InCar::all(TetherFacts::rules()), // measure.tether_twist  measure.tether_route  measure.tether_overtight
            new WedgeRule(),                    // measure.wedge_not_allowed

            // Buckle: the child in it
            new StrapHeightRule(),              // harness.height  harness.height_far
            new TightnessRule(),                // harness.slack  harness.wrong_test
            new ChestClipRule(),                // harness.clip
            new CrotchStrapRule(),              // harness.crotch
            ...HarnessFacts::rules(),           // harness.not_buckled  .hip_slack  .too_tight  .twist  .slouch  .coat  .padding  .head_support  .tail
            new BoosterBeltRule(),              // booster.shoulder  booster.guides  booster.lap_only
            ...BoosterFacts::rules(),           // booster.lap  .under_arm  .head_support  .head  .slouch  .slack  .belt_locked

            // Bus: where on the bench, what fixes it there, and the vest; silent in a car
            new SystemRule(),                   // bus.unrestrained
            new BenchPlaceRule(),               // bus.exit_row  bus.blocks_aisle
            new BenchHoldingRule(),             // bus.both  secure.nothing  secure.anchor_not_there
            new BenchBeltRule(),                // place.no_belt  booster.lap_only  bus.buckle_end_long  bus.belt_altered
            new NoTetherAnchorRule(),           // place.no_tether_anchor
            new OnBenchRule(),                  // bus.touches_front  bus.overhang
            new VestWearerRule(),               // bus.too_young_for_vest
            new VestPointsRule(),               // bus.vest_points
            ...BusFacts::rules(),               // bus.tether_used  .wrap_loose  .wrap_frayed  .behind_unrestrained  .vest_size  .vest_backwards  .vest_over_coat  .vest_no_crotch  .vest_crotch_tight  .vest_low_strap  .vest_neck  .vest_top_from_below  .vest_not_rethreaded  .slouch
            new TripRule(),                     // was it gone through before this trip

            // Handover: who shows it back, who signs
            new HandoverRule(),                 // handover.unsigned  .checker_same  .not_shown_back  .certification
        ], [
            new Finds(Code::of('place.too_wide'), [Severity::Fix]),
        ]);
    }
}
