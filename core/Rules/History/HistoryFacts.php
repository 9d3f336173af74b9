<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\History;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Rules\FactRule;
use MintBuckle\Core\Rules\When;

/** What one answer about the past settles. */
final readonly class HistoryFacts
{
    /** @return list<FactRule> */
    public static function rules(): array
    {
        $stop = Severity::Stop;
        $seat = When::SeatJudged;

        return [
            //            code                     weight when   asked  fact                     read                                                             faulty  message, remedy
            new FactRule(Code::of('history.unknown'),    $stop, $seat, true, 'seat.history.known',   static fn(AssessmentContext $s): ?bool => $s->seat?->history->known,   false),
            new FactRule(Code::of('condition.altered'),  $stop, $seat, true, 'seat.history.altered', static fn(AssessmentContext $s): ?bool => $s->seat?->history->altered, true),
        ];
    }
}
