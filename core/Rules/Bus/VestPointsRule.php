<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Bus;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BusSystem;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Is a vest fixed at hips and shoulders? */
final readonly class VestPointsRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(
                Code::of('bus.vest_points'),
                [Severity::Fix],
                mendedBy: ['bus.vest.fixed_hips', 'bus.vest.fixed_shoulders'],
            ),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->bus === null || $s->system !== BusSystem::Vest) {
            return;
        }
        $points = ['hips' => $s->bus->vest->fixedHips, 'shoulders' => $s->bus->vest->fixedShoulders];
        foreach (array_keys(array_filter($points, is_null(...))) as $point) {
            yield new Question("bus.vest.fixed_{$point}", Station::Bus);
        }
        $loose = array_keys(array_filter($points, static fn(?bool $fixed): bool => $fixed === false));
        if ($loose !== []) {
            yield new Finding(
                Code::of('bus.vest_points'),
                Severity::Fix,
                variant: count($loose) > 1 ? 'both' : $loose[0],
                sources: [Source::Common->cite()],
            );
        }
    }
}
