<?php

declare(strict_types=1);

namespace App\Checks;

use App\Words\Telling;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Telling\Message;

/** A station on the strap: its mark, and in a few words what is open. */
final readonly class StationNavItem
{
    private function __construct(public Station $station, public int $number, public Verdict $verdict, public Message $summary) {}

    public static function of(Station $station, Assessment $assessment, InspectionPhase $phase): self
    {
        $findings = $assessment->findingsAt($station);
        $worst = $findings[0] ?? null;
        $open = count($assessment->questionsAt($station));

        $number = $station->number($assessment->situation->bus !== null);

        return new self($station, $number, $assessment->verdictAt($station), match (true) {
            $worst !== null && (
                $worst->severity->isError()
                || ($worst->severity === Severity::Ask && $open === 0)
            ) => new Message(count($findings) > 1 ? 'checks.station.things' : 'checks.station.thing', [
                'weight' => $worst->severity->title(),
                'n' => count($findings),
                'thing' => self::short(Telling::now()->message($worst)),
            ]),
            $open > 0 => new Message('checks.tally.looks', ['n' => $open]),
            $worst !== null => new Message('checks.station.advice'),
            $station === Station::Handover && $phase === InspectionPhase::Found => new Message('checks.station.later'),
            default => new Message('checks.station.in_order'),
        });
    }

    private static function short(string $message): string
    {
        return mb_strimwidth(rtrim($message, '.'), 0, 34, '…');
    }
}
