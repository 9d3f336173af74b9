<?php

declare(strict_types=1);

namespace App\Visits;

use App\Checks\AssembleCase;
use App\Checks\UnreadableAnswer;
use App\Models\CheckupEvent;
use App\Models\RecallList;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\FoldedCase;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Telling\Message;

/** What can be told of a child and its seat while they are typed: what the law asks here, limits, recall, expiry. Nothing is kept. */
final readonly class ArrivalRemarks
{
    private const STATIONS = [Station::Label, Station::Child];

    /**
     * @param list<Finding> $findings worst first
     * @param list<Message> $notes beside them
     * @param Seat|null $seat as it was typed so far
     */
    private function __construct(public array $findings, public array $notes, public ?Seat $seat) {}

    /**
     * @param array<array-key, mixed> $typed
     */
    public static function of(array $typed, ChildReader $child, CheckupEvent $event, Rulebook $rulebook): self
    {
        try {
            $case = AssembleCase::begin($event);
            foreach ($child->read($typed)->facts as $path => $value) {
                CasePath::set($case, $path, FactLog::asKept($value));
            }
            // Where it stands in the car is judged at the car.
            CasePath::set($case, 'setup.position', null);
            FoldedCase::takeCampaigns($case, AssembleCase::campaigns(RecallList::current()));
            $assessment = Assessor::assess(Reader::fromObject($case), $rulebook);
        } catch (InvalidCase|UnreadableAnswer) {
            return new self([], [], null);
        }

        return new self(
            array_values(array_filter(
                $assessment->findings,
                static fn(Finding $f): bool => in_array($f->station(), self::STATIONS, true) && $f->severity !== Severity::Ask,
            )),
            self::notes($assessment->situation),
            $assessment->situation->case->seat,
        );
    }

    /** @return list<Message> */
    private static function notes(AssessmentContext $s): array
    {
        $until = $s->case->law->rearFacingUntilMonths ?? null;

        return array_values(array_filter([
            $s->isUnborn() ? new Message('visits.remarks.unborn') : null,
            $s->mode === null && $until !== null && $s->age?->isLessThan($until) === true
                ? new Message('visits.remarks.law_rear', ['months' => $until])
                : null,
        ]));
    }
}
