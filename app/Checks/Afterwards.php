<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Visits\DeparturePage;
use Illuminate\Database\Eloquent\Collection;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Telling\Message;

/** What comes once a phase of a check asks nothing any more: how it leaves, the family's next seat, another seat, or home. */
final readonly class Afterwards
{
    private bool $isFound;

    private bool $isGood;

    /** @param Check|null $another seat of the family that still has something to be looked at */
    private function __construct(private JudgedCheck $judged, private ?Check $another)
    {
        $this->isFound = $judged->phase === InspectionPhase::Found;
        $this->isGood = $judged->assessment->verdict === Verdict::GoodToRide;
    }

    public static function of(JudgedCheck $judged): self
    {
        return new self($judged, $judged->phase === InspectionPhase::Found ? null : $judged->check->another());
    }

    /** What is done. */
    public function finished(): Message
    {
        return new Message('checks.finished', [
            'verdict' => $this->judged->assessment->verdict->value,
            'phase' => $this->judged->phase->value,
        ]);
    }

    /** What comes. */
    public function title(): Message
    {
        return match (true) {
            $this->isFound => new Message('checks.to_left'),
            $this->another !== null => new Message('checks.to_child', ['letter' => $this->another->letter]),
            default => new Message('checks.to_leave'),
        };
    }

    public function address(): string
    {
        $check = $this->judged->check;

        return match (true) {
            $this->isFound => route('checks.show', [$check->id, InspectionPhase::Left->value, Station::Label->value]),
            $this->another !== null => route(
                'checks.show',
                [$this->another->id, InspectionPhase::Found->value, Station::Label->value],
            ),
            default => route('visits.departure', $check->visit_id),
        };
    }

    /** Whether another seat is the way on: what is left may not be used, or rides without one. */
    public function maySeatBeGiven(): bool
    {
        return ! $this->isFound && ! $this->isGood;
    }

    /** @return string|null what the signer has seen, where this is the family's only seat and all is good: it goes home from here */
    public function seenGood(): ?string
    {
        $check = $this->judged->check;

        return ! $this->isFound && $this->isGood && $check->isAlone()
            ? (new DeparturePage($check->visit, [$check->id => $this->judged], new Collection()))->seen
            : null;
    }
}
