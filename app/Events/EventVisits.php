<?php

declare(strict_types=1);

namespace App\Events;

use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\Family;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\InspectionPhase;

/**
 * Visits of an event with the marks of their seats, as the projection knows them: a few plain queries, however many there are.
 *
 * @phpstan-type CheckRow object{
 *     id: string, visit_id: int, letter: string, maker: string|null, model: string|null, verdict: string|null, is_left_begun: bool,
 *     place: string|null,
 * }
 */
final readonly class EventVisits
{
    /** Past families a page. */
    public const PAGE = 18;

    private const CHECK = ['id', 'visit_id', 'letter', 'maker', 'model', 'verdict', 'is_left_begun', 'place'];

    /**
     * @param list<VisitRow> $visits
     * @param Collection<int, CheckRow> $checks
     */
    private function __construct(private CheckupEvent $event, public array $visits, private Collection $checks) {}

    /** Those that wait or are worked on, by ticket. */
    public static function present(CheckupEvent $event): self
    {
        return self::read($event, Visit::query()->whereNull('left_at')->orderBy('ticket'));
    }

    /** A page of those that have left, the last first. */
    public static function gone(CheckupEvent $event, int $page): self
    {
        $visits = Visit::query()->whereNotNull('left_at')->orderByDesc('left_at')->orderByDesc('ticket');

        return self::read($event, $visits->forPage($page, self::PAGE));
    }

    /** @param Builder<Visit> $visits */
    private static function read(CheckupEvent $event, Builder $visits): self
    {
        $rows = VisitRow::all($visits->where('checkup_event_id', $event->id));
        /** @var Collection<int, CheckRow> $checks */
        $checks = Check::query()->whereIn('visit_id', array_column($rows, 'id'))->orderBy('letter')->toBase()->get(self::CHECK);

        return new self($event, $rows, $checks);
    }

    /** How many seats a family came with; one that came without any takes the time of one. */
    public function seats(VisitRow $visit): int
    {
        return max(1, $this->checks->where('visit_id', $visit->id)->count());
    }

    /**
     * @param array<int, string> $starts when each is expected to be called, by visit, as the event's clock will show it
     * @return list<VisitCard>
     */
    public function cards(CarbonImmutable $now, array $starts = []): array
    {
        // Through the model, since names are encrypted.
        $families = Family::query()->whereIn('visit_id', array_column($this->visits, 'id'))->pluck('first_name', 'visit_id');
        $lines = $this->lines();

        return array_map(fn(VisitRow $visit): VisitCard => new VisitCard(
            $visit->id,
            $visit->ticket,
            is_string($families[$visit->id] ?? null) ? $families[$visit->id] : null,
            $visit->vehicle,
            $visit->bay,
            $visit->arrived($this->event),
            $visit->leftAt !== null,
            $lines[$visit->id] ?? [],
            $visit->workedBy,
            $visit->minutes($now),
            $starts[$visit->id] ?? null,
        ), $this->visits);
    }

    /** @return array<int, list<CheckLine>> by visit, in the order of their letters */
    private function lines(): array
    {
        $lines = [];
        foreach ($this->checks as $check) {
            $lines[$check->visit_id][] = new CheckLine(
                $check->id,
                $check->letter,
                trim(($check->maker ?? 'Seat') . ' ' . $check->model),
                Verdict::tryFrom($check->verdict ?? '') ?? Verdict::NotFinished,
                $check->is_left_begun ? InspectionPhase::Left : InspectionPhase::Found,
                $check->place,
            );
        }

        return $lines;
    }
}
