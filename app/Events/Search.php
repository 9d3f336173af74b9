<?php

declare(strict_types=1);

namespace App\Events;

use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\Visit;
use App\Visits\FamilyKey;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** Looks for past families and seats. Families are found by contact or name where they asked for follow-up; else by their ticket alone. */
final readonly class Search
{
    private const MOST = 20;

    public function __invoke(string $search): SearchPage
    {
        return $search === ''
            ? new SearchPage('', new Collection(), new Collection())
            : new SearchPage($search, $this->families($search), $this->seats($search));
    }

    /** @return Collection<int, Visit> */
    private function families(string $search): Collection
    {
        $ticket = preg_match('/\A\d{1,6}\z/', $search) === 1 ? (int) $search : null;
        $key = FamilyKey::here($search);

        return Visit::query()
            ->with(['event', 'family', 'checks'])
            ->where(static fn(Builder $either) => $either
                ->whereHas('family', static fn(Builder $family) => $family->where('contact_key', $key)->orWhere('name_key', $key))
                ->when(
                    $ticket !== null,
                    static fn(Builder $visits) => $visits->orWhere(
                        static fn(Builder $one) => $one->where('ticket', $ticket)->where('checkup_event_id', CheckupEvent::current()->id),
                    ),
                ))
            ->orderByDesc('arrived_at')
            ->limit(self::MOST)
            ->get();
    }

    /** @return Collection<int, Check> */
    private function seats(string $search): Collection
    {
        $like = '%' . addcslashes($search, '%_\\') . '%';

        return Check::query()
            ->with(['visit.event', 'visit.family'])
            ->where(static fn(Builder $either) => $either
                ->where('serial', $search)
                ->orWhereRaw("maker || ' ' || model ilike ?", [$like]))
            ->orderByDesc('created_at')
            ->limit(self::MOST)
            ->get();
    }
}
