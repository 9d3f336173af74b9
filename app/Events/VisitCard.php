<?php

declare(strict_types=1);

namespace App\Events;

use App\Models\Check;
use App\Models\Visit;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\InspectionPhase;

/** A family at the event: its ticket, its car, and each seat's mark. */
final readonly class VisitCard
{
    /** @param list<array{check: Check, verdict: Verdict, seat: string, link: string}> $checks */
    private function __construct(public Visit $visit, public array $checks) {}

    public static function of(Visit $visit): self
    {
        return new self($visit, array_values($visit->checks->map(self::check(...))->all()));
    }

    /** @return array{check: Check, verdict: Verdict, seat: string, link: string} */
    private static function check(Check $check): array
    {
        $phase = $check->is_left_begun ? InspectionPhase::Left : InspectionPhase::Found;

        return [
            'check' => $check,
            'verdict' => $check->verdict ?? Verdict::NotFinished,
            'seat' => trim(($check->maker ?? 'Seat') . ' ' . ($check->model ?? '')),
            'link' => route('checks.show', [$check->id, $phase->value, Station::Label->value]),
        ];
    }
}
