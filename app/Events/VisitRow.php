<?php

declare(strict_types=1);

namespace App\Events;

use App\Models\CheckupEvent;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/**
 * A visit as lists need it: its columns, and nothing that hangs on it.
 *
 * @phpstan-type Row object{
 *     id: int, ticket: int, vehicle: string, bay: int|null, arrived_at: string, called_at: string|null, left_at: string|null,
 *     worked_by: int|null,
 * }
 */
final readonly class VisitRow
{
    private const COLUMNS = ['id', 'ticket', 'vehicle', 'bay', 'arrived_at', 'called_at', 'left_at', 'worked_by'];

    private function __construct(
        public int $id,
        public int $ticket,
        public string $vehicle,
        public ?int $bay,
        public string $arrivedAt,
        public ?string $calledAt,
        public ?string $leftAt,
        public ?int $workedBy,
    ) {}

    /**
     * @param Builder<Visit> $visits
     * @return list<self>
     */
    public static function all(Builder $visits): array
    {
        /** @var list<Row> $rows */
        $rows = $visits->toBase()->get(self::COLUMNS)->all();

        return array_map(static fn(object $row): self => new self(
            $row->id,
            $row->ticket,
            $row->vehicle,
            $row->bay,
            $row->arrived_at,
            $row->called_at,
            $row->left_at,
            $row->worked_by,
        ), $rows);
    }

    /** Minutes since it was called; null while it waits, or when nobody noted it. */
    public function minutes(CarbonImmutable $now): ?int
    {
        return $this->calledAt === null ? null : max(0, (int) CarbonImmutable::parse($this->calledAt)->diffInMinutes($now));
    }

    public function arrived(CheckupEvent $event): string
    {
        return $event->clock(CarbonImmutable::parse($this->arrivedAt));
    }
}
