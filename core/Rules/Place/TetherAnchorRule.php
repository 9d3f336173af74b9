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

/** Does the place have the tether anchor that this seat needs? */
final readonly class TetherAnchorRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('place.no_tether_anchor'), [Severity::Fix, Severity::Stop, Severity::Advise], mendedBy: ['setup.position']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->place === null || $s->tetherCalledFor() === Truth::No) {
            return;
        }
        if ($s->place->tetherAnchor === null) {
            yield new Question($s->placePath('tether_anchor'), Station::Place, Severity::Stop);
        }
        if ($s->place->tetherAnchor !== false) {
            return;
        }
        $demanded = $s->tetherDemanded();
        if ($demanded === Truth::Unknown) {
            yield new Question($s->tetherDemandPath(), Station::Place, Severity::Stop);

            return;
        }
        $elsewhere = FreePlaces::withTetherAnchor($s);
        foreach ($elsewhere->missing as $path) {
            yield new Question($path, Station::Place, Severity::Stop);
        }
        yield new Finding(
            Code::of('place.no_tether_anchor'),
            match (true) {
                $elsewhere->any === Truth::Yes => Severity::Fix,
                $demanded === Truth::Yes => Severity::Stop,
                default => Severity::Advise,
            },
            mend: match (true) {
                $elsewhere->any === Truth::Yes => 'move',
                $demanded === Truth::Yes => 'needed',
                default => 'without',
            },
            from: $s->tetherDemandedBy(),
            sources: [Source::Common->cite()],
        );
    }
}
