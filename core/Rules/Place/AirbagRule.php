<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Place;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Fit\FreePlaces;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Truth\Truth;

/** Is there an active airbag in front of a child seat? */
final readonly class AirbagRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('place.airbag'), [Severity::Fix, Severity::Stop], mendedBy: ['setup.position']),
            new Finds(Code::of('place.airbag_forward'), [Severity::Fix, Severity::Advise], mendedBy: ['setup.position']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->place === null || ! ($s->isHarness() || $s->isBooster())) {
            return;
        }
        if ($s->place->airbag === null) {
            yield new Question($s->placePath('airbag'), Station::Place, $s->isRear() ? Severity::Stop : Severity::Fix);
        }
        if ($s->place->airbag !== true) {
            return;
        }
        $free = $s->isRear() ? FreePlaces::anywhere($s) : FreePlaces::inTheBack($s);
        foreach ($free->missing as $path) {
            yield new Question($path, Station::Place, $s->isRear() ? Severity::Stop : Severity::Fix);
        }
        yield $s->isRear() ? self::rear($free->any) : self::forward($free->any);
    }

    private static function rear(Truth $free): Finding
    {
        return new Finding(
            Code::of('place.airbag'),
            $free === Truth::Yes ? Severity::Fix : Severity::Stop,
            'A rear-facing seat stands in front of an active airbag.',
            match ($free) {
                Truth::Yes => 'Move it to another place. Never rear-facing in front of an active airbag.',
                Truth::No => 'There is no other place in this car that can take it: the child does not ride in it.',
                Truth::Unknown => 'It does not ride here. Look whether another place in this car can take it.',
            },
            sources: [Source::Common->cite()],
        );
    }

    private static function forward(Truth $free): Finding
    {
        return new Finding(
            Code::of('place.airbag_forward'),
            $free === Truth::Yes ? Severity::Fix : Severity::Advise,
            'The seat stands in front of an active airbag.',
            $free === Truth::Yes ? 'Move it to a free place in the back.' : 'Move the vehicle seat all the way back.',
            sources: [Source::Common->cite()],
        );
    }
}
