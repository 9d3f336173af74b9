<?php

declare(strict_types=1);

namespace MintBuckle\Present\Words;

use MintBuckle\Core\Seating\Obstacle;
use MintBuckle\Core\Seating\SeatingAnswer;
use MintBuckle\Core\Seating\SeatingPlan;

/** A seating answer in the open format, told in a language. */
final readonly class SeatingWriter
{
    /** @return array{plans: list<array<string, mixed>>, impossible: list<array<string, string>>|null} */
    public static function toArray(SeatingAnswer $answer, Teller $teller): array
    {
        return [
            'plans' => array_map(static fn(SeatingPlan $plan): array => [
                'places' => (object) $plan->places,
                'held_by' => (object) array_map(static fn($way): ?string => $way?->value, $plan->heldBy),
                'advise' => $plan->advise,
                'why' => array_map($teller->sentence(...), $plan->why),
            ], $answer->plans),
            'impossible' => $answer->impossible === null
                ? null
                : array_map(
                    static fn(Obstacle $o): array => ['constraint' => $o->constraint, 'words' => $teller->sentence($o->words)],
                    $answer->impossible,
                ),
        ];
    }
}
