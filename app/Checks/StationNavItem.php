<?php

declare(strict_types=1);

namespace App\Checks;

use App\Words\Telling;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\InspectionPhase;

/** A station on the strap: its mark, and in a few words what is open. */
final readonly class StationNavItem
{
    private function __construct(public Station $station, public Verdict $verdict, public string $summary) {}

    public static function of(Station $station, Assessment $assessment, InspectionPhase $phase): self
    {
        $findings = $assessment->findingsAt($station);
        $worst = $findings[0] ?? null;
        $open = count($assessment->questionsAt($station));

        return new self($station, $assessment->verdictAt($station), match (true) {
            $worst !== null && (
                $worst->severity->rank() <= Severity::Fix->rank()
                || ($worst->severity === Severity::Ask && $open === 0)
            ) => $worst->severity->title()
                . (count($findings) > 1 ? ': ' . count($findings) . ' things' : ': ' . self::short(Telling::now()->message($worst))),
            $open > 0 => "{$open} to look at",
            $worst !== null => 'in order, with advice',
            $station === Station::Handover && $phase === InspectionPhase::Found => 'asked as it leaves',
            default => 'in order',
        });
    }

    private static function short(string $message): string
    {
        return mb_strimwidth(rtrim($message, '.'), 0, 34, '…');
    }
}
