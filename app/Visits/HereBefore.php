<?php

declare(strict_types=1);

namespace App\Visits;

use App\Checks\Judge;
use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\Visit;
use Illuminate\Database\Eloquent\Builder;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Record\InspectionPhase;

/** A family that asked for follow-up and comes again: what was found at its seats then, and how they left. */
final readonly class HereBefore
{
    private const MOST = 3;

    public function __construct(private Judge $judge) {}

    /** @return list<array{event: CheckupEvent, visit: Visit, seats: list<array{check: Check, found: list<Finding>}>}> the last first */
    public function of(string $contact): array
    {
        if (trim($contact) === '') {
            return [];
        }
        $visits = Visit::query()
            ->whereHas('family', static fn(Builder $family) => $family->where('contact_key', FamilyKey::here($contact)))
            // Whoever is still here was not looked at yet: nothing found would say nothing.
            ->whereNotNull('left_at')
            ->with(['event.recallList', 'family', 'checks.facts', 'checks.visit.event.recallList'])
            ->orderByDesc('arrived_at')
            ->limit(self::MOST)
            ->get();

        return array_values($visits->map(fn(Visit $visit): array => [
            'event' => $visit->event,
            'visit' => $visit,
            'seats' => array_values($visit->checks->map(
                fn(Check $check): array => ['check' => $check, 'found' => $this->found($check)],
            )->all()),
        ])->all());
    }

    /** @return list<Finding> what had to be put right */
    private function found(Check $check): array
    {
        return array_values(array_filter(
            $this->judge->check($check, InspectionPhase::Found)->findings,
            static fn(Finding $finding): bool => $finding->severity->isError(),
        ));
    }
}
