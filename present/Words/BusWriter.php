<?php

declare(strict_types=1);

namespace MintBuckle\Present\Words;

use MintBuckle\Core\Bus\BusAnswer;
use MintBuckle\Core\Bus\BusBench;
use MintBuckle\Core\Bus\BusObstacle;
use MintBuckle\Core\Bus\BusPlan;
use MintBuckle\Core\Bus\BusSeat;

/** A bus answer in the open format, told in a language. */
final readonly class BusWriter
{
    /** @return array{plans: list<array<string, mixed>>, exact: bool, impossible: list<array<string, string>>|null} */
    public static function toArray(BusAnswer $answer, Teller $teller): array
    {
        $bench = static fn(BusBench $b): array => ['row' => $b->row, 'side' => $b->side->value];
        $cut = $answer->cut === null ? [] : [$teller->sentence($answer->cut)];

        return [
            'plans' => array_map(static fn(BusPlan $plan): array => [
                'places' => (object) array_map(static fn(BusSeat $seat): array => [
                    ...$bench($seat->bench),
                    'place' => $seat->place,
                    'system' => $seat->system,
                    'held_by' => $seat->heldBy?->value,
                ], $plan->seats),
                'boarding' => $plan->boarding,
                'empty' => array_map($bench, $plan->empty),
                'why' => [...array_map($teller->sentence(...), $plan->why), ...$cut],
            ], $answer->plans),
            'exact' => $answer->isExact,
            'impossible' => $answer->impossible === null
                ? null
                : array_map(
                    static fn(BusObstacle $o): array => ['constraint' => $o->constraint, 'words' => $teller->sentence($o->words)],
                    $answer->impossible,
                ),
        ];
    }
}
