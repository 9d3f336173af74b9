<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Bus;

use MintBuckle\Core\Bus\BusFloors;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BusSystem;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Telling\Beside;
use MintBuckle\Core\Telling\ChildsAge;

/** Is the child heavy and old enough for a vest, and does it sit by itself? */
final readonly class VestWearerRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(
                Code::of('bus.too_young_for_vest'),
                [Severity::Fix],
                mendedBy: ['bus.system', 'child.weight', 'child.sits_unaided'],
                figures: ['weight' => BusFloors::aboveForVest(), 'age' => BusFloors::olderForVest()],
            ),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->system !== BusSystem::Vest) {
            return;
        }
        $weight = $s->child->weight;
        yield from $weight === null && ! $s->isUnborn() ? [new Question('child.weight', Station::Bus)] : [];
        yield from $s->age === null ? [new Question('child.born_on', Station::Bus)] : [];
        yield from $s->child->sitsUnaided === null ? [new Question('child.sits_unaided', Station::Bus)] : [];
        if ($weight !== null && ! $weight->isMoreThan(BusFloors::aboveForVest())) {
            $told = ['weight' => new Beside($weight, BusFloors::aboveForVest()), 'least' => BusFloors::aboveForVest()];
            yield self::tooYoung('weight', $told, $weight, BusFloors::aboveForVest());
        } elseif ($s->age !== null && ! $s->age->isMoreThan(BusFloors::olderForVest())) {
            $told = ['age' => new ChildsAge($s->age), 'least' => new ChildsAge(BusFloors::olderForVest())];
            yield self::tooYoung('age', $told, $s->age, BusFloors::olderForVest());
        } elseif ($s->child->sitsUnaided === false) {
            yield self::tooYoung('sitting', [], null, null);
        }
    }

    /** @param array<string, Beside|ChildsAge|Quantity> $with */
    private static function tooYoung(string $by, array $with, ?Quantity $observed, ?Quantity $limit): Finding
    {
        return new Finding(
            Code::of('bus.too_young_for_vest'),
            Severity::Fix,
            variant: $by,
            with: $with,
            observed: $observed,
            limit: $limit,
            sources: [Source::Common->cite()],
        );
    }
}
