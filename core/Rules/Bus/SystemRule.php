<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Bus;

use MintBuckle\Core\Bus\BusFloors;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Telling\Beside;
use MintBuckle\Core\Telling\ChildsAge;

/** What keeps the child on the bus; under school age or light, a restraint must. */
final readonly class SystemRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(
                Code::of('bus.unrestrained'),
                [Severity::Fix],
                mendedBy: ['bus.system'],
                sources: [Source::Common, Source::HeadStart],
                figures: ['age' => BusFloors::schoolAge(), 'weight' => BusFloors::unrestrainedWeight()],
            ),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->bus !== null && $s->bus->system === null) {
            yield new Question('bus.system', Station::Bus, Severity::Stop);
        }
        if ($s->system?->isRestraint() !== false) {
            return;
        }
        if ($s->age?->isLessThan(BusFloors::schoolAge()) === true) {
            yield self::unrestrained('age', $s->age, BusFloors::schoolAge());
        } elseif ($s->child->weight?->isLessThan(BusFloors::unrestrainedWeight()) === true) {
            yield self::unrestrained('weight', $s->child->weight, BusFloors::unrestrainedWeight());
        } else {
            yield from $s->age === null ? [new Question('child.born_on', Station::Bus)] : [];
            yield from $s->child->weight === null && ! $s->isUnborn() ? [new Question('child.weight', Station::Bus)] : [];
        }
    }

    private static function unrestrained(string $by, Months|Mass $observed, Months|Mass $limit): Finding
    {
        return new Finding(
            Code::of('bus.unrestrained'),
            Severity::Fix,
            variant: $by,
            with: $observed instanceof Months && $limit instanceof Months
                ? ['age' => new ChildsAge($observed), 'least' => new ChildsAge($limit)]
                : ['weight' => new Beside($observed, $limit), 'least' => $limit],
            observed: $observed,
            limit: $limit,
            sources: [Source::Common->cite(), Source::HeadStart->cite()],
        );
    }
}
