<?php

declare(strict_types=1);

namespace App\Events;

use App\Models\CheckupEvent;
use App\Models\User;
use Carbon\CarbonImmutable;

/** Who works at an event and where; where nobody was planned, whoever may. */
final readonly class CrewBoard
{
    /** @param list<AtWork> $people */
    private function __construct(public array $people) {}

    public static function of(CheckupEvent $event, EventVisits $present, CarbonImmutable $now): self
    {
        $at = [];
        foreach ($present->visits as $visit) {
            if ($visit->bay !== null && $visit->workedBy !== null) {
                $at[$visit->workedBy] = $visit;
            }
        }
        $planned = $event->crew->isEmpty() ? User::maySign()->orderBy('name')->get() : $event->crew;
        $helping = User::query()->whereKey(array_diff(array_keys($at), $planned->modelKeys()))->orderBy('name')->get();

        return new self(array_values($planned->concat($helping)->map(
            static fn(User $person): AtWork => AtWork::of($person, $event->held_on, $at[$person->id] ?? null, $now),
        )->all()));
    }

    public function nameOf(?int $person): ?string
    {
        foreach ($this->people as $one) {
            if ($one->person->id === $person) {
                return $one->person->name;
            }
        }

        return null;
    }

    /** @return list<AtWork> who could take the next family: whoever asks before the others, technicians before who steps in */
    public function free(User $asks): array
    {
        $free = array_values(array_filter($this->people, static fn(AtWork $one): bool => $one->isFree()));
        $rank = static fn(AtWork $one): array => [! $one->person->is($asks), ! $one->isTechnician(), $one->person->name];
        usort($free, static fn(AtWork $a, AtWork $b): int => $rank($a) <=> $rank($b));

        return $free;
    }

    /** How many families could be called to technicians that have none. */
    public function idle(): int
    {
        return count(array_filter($this->people, static fn(AtWork $one): bool => $one->isFree() && $one->isTechnician()));
    }
}
