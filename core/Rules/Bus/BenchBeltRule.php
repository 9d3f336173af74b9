<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Bus;

use MintBuckle\Core\Bus\BusFloors;
use MintBuckle\Core\Bus\OnBench;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\BeltCondition;
use MintBuckle\Core\Facts\Bench;
use MintBuckle\Core\Facts\BusFixing;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Telling\Beside;

/** Is there a belt on the bench, of the kind that is needed, sound, its buckle end low in the crease? */
final readonly class BenchBeltRule implements Rule
{
    public function finds(): array
    {
        return [
            OnBench::finds('place.no_belt', Severity::Fix, ['bus.bench.belt', 'bus.held_by']),
            OnBench::finds('booster.lap_only', Severity::Fix, ['bus.bench.belt', 'bus.system']),
            new Finds(
                Code::of('bus.buckle_end_long'),
                [Severity::Fix],
                mendedBy: ['bus.bench.buckle_end'],
                figures: ['most' => BusFloors::buckleEnd()],
            ),
            new Finds(Code::of('bus.belt_altered'), [Severity::Stop], mendedBy: ['bus.bench.belt_condition', 'bus.held_by']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->bus === null || ! self::isInUse($s)) {
            return;
        }
        $bench = $s->bus->bench;
        if ($bench->belt === null) {
            yield new Question('bus.bench.belt', Station::Bus);
        } elseif ($bench->belt === Belt::None) {
            yield OnBench::finding('place.no_belt');

            return;
        } elseif ($bench->belt === Belt::Lap && $s->isBooster()) {
            yield OnBench::finding('booster.lap_only');
        }
        yield from self::belt($bench);
    }

    /** A booster holds nobody without the belt over the child. */
    private static function isInUse(AssessmentContext $s): bool
    {
        return in_array(BusFixing::Belt, $s->bus->heldBy ?? [], true) || ($s->isBooster() && $s->bus?->heldBy !== null);
    }

    /** @return iterable<Finding|Question> */
    private static function belt(Bench $bench): iterable
    {
        if ($bench->beltCondition === null) {
            yield new Question('bus.bench.belt_condition', Station::Bus, Severity::Stop);
        } elseif ($bench->beltCondition !== BeltCondition::Sound) {
            yield new Finding(
                Code::of('bus.belt_altered'),
                Severity::Stop,
                with: ['how' => $bench->beltCondition],
                observed: $bench->beltCondition->value,
                limit: BeltCondition::Sound->value,
                sources: [Source::Common->cite()],
            );
        }
        if ($bench->buckleEnd === null) {
            yield new Question('bus.bench.buckle_end', Station::Bus);
        } elseif ($bench->buckleEnd->isMoreThan(BusFloors::buckleEnd())) {
            yield new Finding(
                Code::of('bus.buckle_end_long'),
                Severity::Fix,
                with: ['shows' => new Beside($bench->buckleEnd, BusFloors::buckleEnd()), 'most' => BusFloors::buckleEnd()],
                observed: $bench->buckleEnd,
                limit: BusFloors::buckleEnd(),
                sources: [Source::Common->cite()],
            );
        }
    }
}
