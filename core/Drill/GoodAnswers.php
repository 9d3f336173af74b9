<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Webbing;
use MintBuckle\Core\Facts\Zone;
use MintBuckle\Core\Fit\ReclineReading;
use MintBuckle\Core\Fit\ReclineSettings;
use MintBuckle\Core\Fit\SlotChoice;
use MintBuckle\Core\Fit\ZoneFit;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Quantity\AngleUnit;
use MintBuckle\Core\Truth\Truth;

/** What a technician would see where nothing is wrong: the right answer to each question, for this seat, child and place. */
final readonly class GoodAnswers
{
    /** By path, where the answer is the same for every seat. What is measured stands well within every figure of the practices. */
    private const ALWAYS = [
        'seat.label_readable' => true,
        'seat.registered' => true,
        'seat.serial' => 'A100200',
        'seat.history.known' => true,
        'seat.history.crash' => false,
        'seat.history.altered' => false,
        'seat.history.damage' => [],
        'seat.history.parts_missing' => [],
        'seat.history.extras' => [],
        'seat.replace_after_crash' => 'as_policy',
        'child.sits_unaided' => true,
        'child.special_needs' => false,
        'setup.head_to_shell_top' => ['value' => 70, 'unit' => 'mm'],
        'setup.ears_above' => false,
        'setup.marker' => 'in',
        'vehicle.positions.*.side_facing' => false,
        'vehicle.positions.*.airbag' => false,
        'vehicle.positions.*.tether_anchor' => true,
        'vehicle.positions.*.lower_anchors' => true,
        'vehicle.positions.*.belt' => 'lap_shoulder',
        'vehicle.positions.*.retractor' => 'switchable',
        'vehicle.positions.*.latch_plate' => 'sliding',
        'vehicle.positions.*.inflatable_belt' => false,
        'vehicle.positions.*.tether_anchor_at' => 'seat_back',
        'vehicle.positions.*.width' => ['value' => 480, 'unit' => 'mm'],
        'seat.width' => ['value' => 440, 'unit' => 'mm'],
        'seat.weight' => ['value' => 18, 'unit' => 'lb'],
        'setup.head_restraint' => 'in_place',
        'setup.held_by' => 'belt',
        'setup.clip_distance' => ['value' => 10, 'unit' => 'mm'],
        'setup.clip_prongs' => 4,
        'setup.buckle_turns' => 0,
        'vehicle.buckle_turns_ok' => true,
        'setup.empty_booster_buckled' => true,
        'setup.shell_locked' => true,
        'setup.base' => 'used',
        'setup.movement.side' => ['value' => 12, 'unit' => 'mm'],
        'setup.movement.front' => ['value' => 10, 'unit' => 'mm'],
        'setup.movement.up' => ['value' => 8, 'unit' => 'mm'],
        'setup.movement.tether_loose' => true,
        'setup.tips' => 'no',
        'setup.indicator' => 'in',
        'setup.angle_from' => 'vertical',
        'setup.overhang' => ['value' => 0, 'unit' => 'mm'],
        'setup.base_on_cushion' => 1,
        'setup.wedge_count' => 0,
        'setup.harness.strap' => 'at',
        'setup.harness.tightness.passes' => true,
        'setup.harness.crotch.nearest_clear' => true,
        'bus.place' => 'window',
        'bus.bench.row' => 2,
        'bus.bench.side' => 'left',
        'bus.bench.belt' => 'lap_shoulder',
        'bus.bench.belt_condition' => 'sound',
        'bus.bench.buckle_end' => ['value' => 30, 'unit' => 'mm'],
        'bus.bench.lower_anchors' => true,
        'bus.wrap.frayed' => false,
        'bus.wrap.behind' => 'empty',
        'bus.base_on_bench' => 1,
        'bus.whole_on_bench_required' => false,
        'bus.checked_this_trip' => true,
    ];

    /** @return mixed in the shape of the case file; null where there is no one right answer */
    public static function to(string $path, AssessmentContext $s): mixed
    {
        $pattern = (string) preg_replace('/\.\d+\./', '.*.', $path);
        if (array_key_exists($pattern, self::ALWAYS)) {
            return self::ALWAYS[$pattern];
        }
        $good = Questionnaire::standard()->for($path)?->good;

        return match (true) {
            $good === 'yes' => true,
            $good === 'no' => false,
            $good !== null => $good,
            default => self::ofSeat($path, $s),
        };
    }

    /** What depends on the seat, its maker, the child in it or the belt of the place. */
    private static function ofSeat(string $path, AssessmentContext $s): mixed
    {
        $rules = $s->modeRules;

        return match ($path) {
            'setup.belt_path' => $s->isRear() ? 'rear' : 'forward',
            'setup.webbing' => ($s->webbingAsked() ?? Webbing::Both)->value,
            'setup.lock' => self::listed(LockFinder::of($s)->first()?->value),
            'setup.lockoff_used' => $s->seat->lockoffUse->value ?? 'both',
            'setup.angle' => self::angle($s),
            'setup.zone' => self::zone($s),
            'setup.recline_setting' => ReclineSettings::of($s)->allowed()[0] ?? $rules?->recline[0]?->settings[0] ?? null,
            'setup.foot' => $rules?->foot,
            'setup.tether.used' => ! $s->tetherForbidden() && (! $s->isRear() || $s->tetherCalledFor() === Truth::Yes),
            'setup.parts_fitted' => $rules->partsRequired ?? [],
            'setup.side_pod' => $s->sidePodWanted()?->value,
            'setup.handle' => $rules?->handlePositions[0] ?? null,
            'setup.harness.slot' => $s->mode === null ? null : SlotChoice::of($s, $s->mode)->slot,
            'setup.harness.tightness.test' => ($s->seat->tightnessTest ?? $s->convention?->tightness)?->value,
            'setup.harness.crotch.slot' => $rules?->crotchSlots[0] ?? 1,
            default => null,
        };
    }

    /** @return list<string>|null */
    private static function listed(?string $one): ?array
    {
        return $one === null ? null : [$one];
    }

    /** @return array{value: float, unit: string} the middle of its range */
    private static function angle(AssessmentContext $s): array
    {
        $reading = ReclineReading::of($s);
        $least = $reading->min?->value->base()->toFloat() ?? 30.0;
        $most = $reading->max?->value->base()->toFloat() ?? 45.0;

        return ['value' => round(($least + $most) / 2, 1), 'unit' => AngleUnit::Degree->value];
    }

    private static function zone(AssessmentContext $s): ?string
    {
        $meant = array_filter($s->modeRules->zones ?? [], static fn(Zone $zone): bool => ZoneFit::of($zone, $s)->breaks === []);

        return array_values($meant)[0]->name ?? null;
    }
}
