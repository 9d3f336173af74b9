<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

use MintBuckle\Core\Asking\Remedies;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Rulebook;

/**
 * How a set-up may go wrong so that an error is found: by facts that would mend it again, each turned to another of its answers. Small
 * slips and large ones both; which of them the assessor finds, and whether alone, is for it to say.
 */
final readonly class Slips
{
    /** Facts that show an error beside those that mend it: what was done in a car, or what the label says. */
    public const BESIDE = [
        'expiry.passed' => ['seat.made_on'],
        'recall.affected' => ['recall_list.campaigns'],
        'label.standard' => ['seat.standards'],
        'mode.outside_limits' => ['child.weight', 'child.height'],
        'mode.under_one_forward' => ['child.age_months'],
        'mode.law_rear' => ['child.age_months'],
        'mode.booster_early' => ['child.age_months', 'child.weight'],
        'secure.anchor_overweight' => ['child.weight'],
        'secure.inflatable_belt' => ['vehicle.positions.*.inflatable_belt'],
        'secure.baseless_not_allowed' => ['setup.base'],
        'place.no_belt' => ['vehicle.positions.*.belt'],
        'booster.lap_only' => ['vehicle.positions.*.belt', 'bus.bench.belt'],
        'place.booster_lap_only' => ['vehicle.positions.*.belt'],
        'place.taken' => ['vehicle.positions.*.taken'],
        'place.side_facing' => ['vehicle.positions.*.side_facing'],
        'place.airbag' => ['vehicle.positions.*.airbag'],
        'place.airbag_forward' => ['vehicle.positions.*.airbag'],
        'place.no_tether_anchor' => ['vehicle.positions.*.tether_anchor', 'seat.tether_rear', 'seat.tether_forward_required'],
        'place.too_wide' => ['vehicle.positions.*.width'],
        'extras.insert_range' => ['setup.harness.insert'],
        'secure.nothing' => ['bus.held_by'],
        'bus.too_young_for_vest' => ['child.age_months', 'child.sits_unaided'],
        'harness.height_far' => ['child.shoulder_height'],
        'harness.crotch' => ['setup.harness.crotch.under_child'],
    ];

    public function __construct(private Scene $scene, private Throws $throws) {}

    /** @return list<array<string, mixed>> changes to try, each path => value in the file's shape */
    public function for(Code $code): array
    {
        $s = $this->scene->assessment->situation;
        $finds = Rulebook::current()->finds($code);
        $subjects = str_contains(implode(' ', $finds->mendedBy), '{subject}') ? ['side', 'front', 'up'] : [null];
        $paths = $s->bus === null || ! in_array($code->value, ['secure.nothing'], true) ? array_map(
            fn(string $path): string => $s->placePath === '' ? $path : str_replace('vehicle.positions.*.', $s->placePath . '.', $path),
            self::BESIDE[$code->value] ?? [],
        ) : ['bus.held_by'];
        foreach ($subjects as $subject) {
            array_push($paths, ...Remedies::facts($finds, $subject, $s));
        }
        $otherwise = new Otherwise($this->scene);
        $changes = [];
        foreach ($this->throws->mixed(array_values(array_unique($paths))) as $path) {
            foreach ($this->throws->mixed($otherwise->than($path)) as $value) {
                $changes[] = [$path => $value];
            }
        }

        return $changes;
    }
}
