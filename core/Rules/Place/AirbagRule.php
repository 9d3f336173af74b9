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
            mend: match ($free) {
                Truth::Yes => 'move',
                Truth::No => 'nowhere',
                Truth::Unknown => 'look',
            },
            sources: [Source::Common->cite()],
        );
    }

    private static function forward(Truth $free): Finding
    {
        return new Finding(
            Code::of('place.airbag_forward'),
            $free === Truth::Yes ? Severity::Fix : Severity::Advise,
            mend: $free === Truth::Yes ? 'move' : 'back',
            sources: [Source::Common->cite()],
        );
    }
}
