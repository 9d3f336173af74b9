<?php

declare(strict_types=1);

namespace App\Visits;

use MintBuckle\Core\Assessment;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Keeping;

/** An assessment as it is kept once it was signed: codes and parameters with the edition of the rulebook, no words. */
final readonly class KeptAssessment
{
    /** @return array<string, mixed> */
    public static function toJson(Assessment $assessment): array
    {
        return [
            'rulebook' => $assessment->rulebook,
            'verdict' => $assessment->verdict->value,
            'findings' => array_map(self::finding(...), $assessment->findings),
            'questions' => array_map(static fn(Question $q): string => $q->path, $assessment->questions),
        ];
    }

    /** @return array<string, mixed> */
    private static function finding(Finding $finding): array
    {
        $measured = static fn(Quantity|string|null $value): mixed => Keeping::toJson($value);

        return [
            'code' => $finding->code->value,
            'variant' => $finding->variant,
            'mend' => $finding->mend,
            'severity' => $finding->severity->value,
            'subject' => $finding->subject,
            'with' => array_map(Keeping::toJson(...), $finding->with),
            'observed' => $measured($finding->observed),
            'limit' => $measured($finding->limit),
            'from' => $finding->from,
            'sources' => array_map(static fn(Citation $s): array => ['source' => $s->source->value, 'of' => $s->of], $finding->sources),
        ];
    }
}
