<?php

declare(strict_types=1);

namespace App\Pages;

use App\Actions\AssembleCase;
use App\Models\Check;
use App\Models\Fact;
use App\Models\Visit;
use App\Track;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Rulebook;

/** A family on the yard: its ticket, its car, and each seat's mark. */
final readonly class VisitCard
{
    /** @param list<array{check: Check, verdict: Verdict, seat: string, link: string}> $checks */
    private function __construct(public Visit $visit, public array $checks) {}

    public static function of(Visit $visit, Rulebook $rulebook): self
    {
        return new self($visit, array_values($visit->checks->map(static fn(Check $check): array => self::check($check, $rulebook))->all()));
    }

    /** @return array{check: Check, verdict: Verdict, seat: string, link: string} */
    private static function check(Check $check, Rulebook $rulebook): array
    {
        $case = AssembleCase::read($check, Track::Left);
        $track = $check->facts->contains(static fn(Fact $f): bool => $f->track === Track::Left) ? Track::Left : Track::Found;

        return [
            'check' => $check,
            'verdict' => Assessor::assess($case, $rulebook)->verdict,
            'seat' => trim(($case->seat->maker ?? 'Seat') . ' ' . ($case->seat->model ?? '')),
            'link' => route('checks.show', [$check->id, $track->value, Station::Label->value]),
        ];
    }
}
