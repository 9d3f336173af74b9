<?php

declare(strict_types=1);

namespace App\Events;

use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\Family;
use App\Models\Visit;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Collection;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\InspectionPhase;

/**
 * An event's visits with the marks of their seats, as the projection knows them: a few plain queries, however many there are.
 *
 * @phpstan-type VisitRow object{
 *     id: int, ticket: int, vehicle: string, bay: int|null, arrived_at: string, left_at: string|null,
 * }
 * @phpstan-type CheckRow object{
 *     id: string, visit_id: int, letter: string, maker: string|null, model: string|null, verdict: string|null, is_left_begun: bool,
 * }
 */
final readonly class EventVisits
{
    /** @return list<VisitCard> by ticket */
    public static function of(CheckupEvent $event): array
    {
        $zone = new DateTimeZone($event->timezone);
        $lines = self::lines($event);
        /** @var Collection<int, VisitRow> $visits */
        $visits = Visit::query()
            ->where('checkup_event_id', $event->id)
            ->orderBy('ticket')
            ->toBase()
            ->get(['id', 'ticket', 'vehicle', 'bay', 'arrived_at', 'left_at']);
        /** @var Collection<int, string> $families by visit; through the model, since names are encrypted */
        $families = Family::query()
            ->join('visits', 'visits.id', '=', 'families.visit_id')
            ->where('checkup_event_id', $event->id)
            ->pluck('first_name', 'visit_id');

        return array_values($visits->map(static fn(object $visit): VisitCard => new VisitCard(
            $visit->id,
            $visit->ticket,
            $families[$visit->id] ?? null,
            $visit->vehicle,
            $visit->bay,
            (new DateTimeImmutable($visit->arrived_at))->setTimezone($zone)->format('H:i'),
            $visit->left_at !== null,
            $lines[$visit->id] ?? [],
        ))->all());
    }

    /** @return array<int, list<CheckLine>> by visit, in the order of their letters */
    private static function lines(CheckupEvent $event): array
    {
        /** @var Collection<int, CheckRow> $checks */
        $checks = Check::query()
            ->join('visits', 'visits.id', '=', 'checks.visit_id')
            ->where('visits.checkup_event_id', $event->id)
            ->orderBy('checks.letter')
            ->toBase()
            ->get(['checks.id', 'visit_id', 'letter', 'maker', 'model', 'verdict', 'is_left_begun']);
        $lines = [];
        foreach ($checks as $check) {
            $lines[$check->visit_id][] = new CheckLine(
                $check->id,
                $check->letter,
                trim(($check->maker ?? 'Seat') . ' ' . $check->model),
                Verdict::tryFrom($check->verdict ?? '') ?? Verdict::NotFinished,
                $check->is_left_begun ? InspectionPhase::Left : InspectionPhase::Found,
            );
        }

        return $lines;
    }
}
