<?php

declare(strict_types=1);

namespace App\Pages;

use App\Actions\AssembleCase;
use App\Judge;
use App\Models\Check;
use App\Models\Fact;
use App\Models\Visit;
use App\Track;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Finding\Verdict;

/** A family on the yard: its ticket, its car, and each seat's mark. */
final readonly class VisitCard
{
    /** @param list<array{check: Check, verdict: Verdict, seat: string, link: string}> $checks */
    private function __construct(public Visit $visit, public array $checks) {}

    public static function of(Visit $visit, Judge $judge): self
    {
        return new self($visit, array_values($visit->checks->map(static fn(Check $check): array => self::check($check, $judge))->all()));
    }

    /** @return array{check: Check, verdict: Verdict, seat: string, link: string} */
    private static function check(Check $check, Judge $judge): array
    {
        $case = AssembleCase::read($check, Track::Left);
        $track = $check->facts->contains(static fn(Fact $f): bool => $f->track === Track::Left) ? Track::Left : Track::Found;

        return [
            'check' => $check,
            'verdict' => $judge->check($check, Track::Left)->verdict,
            'seat' => trim(($case->seat->maker ?? 'Seat') . ' ' . ($case->seat->model ?? '')),
            'link' => route('checks.show', [$check->id, $track->value, Station::Label->value]),
        ];
    }
}
