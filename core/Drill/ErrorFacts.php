<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

use MintBuckle\Core\Asking\Remedies;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Rulebook;

/** By which facts of a set-up an error shows: those that would mend it, and those of child, label and car that bring it about. */
final readonly class ErrorFacts
{
    /** What no control of a check mends, but what makes the error. */
    private const BESIDE = [
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
        'bus.too_young_for_vest' => ['child.age_months', 'child.sits_unaided'],
        'harness.height_far' => ['child.shoulder_height'],
        'harness.crotch' => ['setup.harness.crotch.under_child'],
    ];

    private const PLACE = 'vehicle.positions.*.';

    /** @return list<string> paths, for the mode and the place in use */
    public static function of(Code $code, AssessmentContext $s): array
    {
        $finds = Rulebook::current()->finds($code);
        $subjects = str_contains(implode(' ', $finds->mendedBy), '{subject}') ? ['side', 'front', 'up'] : [null];
        $paths = array_map(
            static fn(string $path): string => str_starts_with($path, self::PLACE)
                ? $s->placePath(substr($path, strlen(self::PLACE)))
                : $path,
            self::BESIDE[$code->value] ?? [],
        );
        foreach ($subjects as $subject) {
            array_push($paths, ...Remedies::facts($finds, $subject, $s));
        }

        return array_values(array_unique($paths));
    }
}
