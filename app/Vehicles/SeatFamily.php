<?php

declare(strict_types=1);

namespace App\Vehicles;

use App\Checks\NoteFact;
use App\Checks\OpenCheck;
use App\Checks\SharedEntry;
use App\Checks\UnreadableAnswer;
use App\Models\Check;
use App\Models\User;
use App\Models\Visit;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\Record\InspectionPhase;
use Psr\Clock\ClockInterface;

/** Children are moved to other places, all of them or none: what depends on the place is looked at again. */
final readonly class SeatFamily
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * @param string $entry id of what was sent: sent twice, nobody moves twice
     * @param array<string, string> $places letter => place
     * @return list<string> letters of those that moved
     * @throws UnreadableAnswer when the car has no such place, or the family has left
     */
    public function __invoke(string $entry, Visit $visit, array $places, User $author): array
    {
        return DB::transaction(function () use ($entry, $visit, $places, $author): array {
            $moved = [];
            foreach ($visit->checks as $check) {
                OpenCheck::write($check, function (Check $check) use ($entry, $places, $author, &$moved): void {
                    $shared = SharedEntry::of($entry, $check);
                    $to = $places[$check->letter] ?? null;
                    if ($to !== null && ! $shared->isKept() && $to !== $check->caseOf(InspectionPhase::Left)->case->setup?->position) {
                        $this->move($check, $shared->id, $to, $author);
                        $moved[] = $check->letter;
                    }
                });
            }

            return $moved;
        });
    }

    /** What is to hold the seat there is seen at the car, never taken from a proposal. */
    private function move(Check $check, string $id, string $to, User $author): void
    {
        NoteFact::append($check, $id, InspectionPhase::Left, 'setup.position', $to, $author, $this->clock->now());
        try {
            $check->caseOf(InspectionPhase::Left);
        } catch (InvalidCase $e) {
            throw UnreadableAnswer::of($e->problems[0]);
        }
    }
}
