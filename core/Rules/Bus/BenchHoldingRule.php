<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Bus;

use MintBuckle\Core\Bus\OnBench;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\BusFixing;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** What fixes the restraint to the bench, and is that there? */
final readonly class BenchHoldingRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('bus.both'), [Severity::Fix], mendedBy: ['bus.held_by']),
            OnBench::finds('secure.nothing', Severity::Fix, ['bus.held_by']),
            OnBench::finds('secure.anchor_not_there', Severity::Fix, ['bus.held_by', 'bus.bench.lower_anchors']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->bus === null) {
            return;
        }
        if ($s->bus->heldBy === null) {
            yield new Question('bus.held_by', Station::Bus);
        }
        if ($s->bus->heldBy === [] && $s->isRestrainedOnBus()) {
            yield OnBench::finding('secure.nothing');
        }
        if ($s->heldBy === HeldBy::Both) {
            yield new Finding(Code::of('bus.both'), Severity::Fix, sources: [Source::Common->cite()]);
        }
        if (! in_array(BusFixing::LowerAnchors, $s->bus->heldBy ?? [], true)) {
            return;
        }
        if ($s->bus->bench->lowerAnchors === null) {
            yield new Question('bus.bench.lower_anchors', Station::Bus);
        } elseif (! $s->bus->bench->lowerAnchors) {
            yield OnBench::finding('secure.anchor_not_there');
        }
    }
}
