<?php

declare(strict_types=1);

namespace App\Events;

use App\Accounts\Role;
use App\Models\User;
use Carbon\CarbonImmutable;
use MintBuckle\Core\Crew\Certificate;

/** Somebody of the crew: free, or at which bay and for how long; and how their certification stands. */
final readonly class AtWork
{
    private function __construct(
        public User $person,
        public Certificate $certificate,
        public ?int $daysLeft,
        public ?int $bay,
        public ?int $minutes,
    ) {}

    /** @param VisitRow|null $visit that they work on */
    public static function of(User $person, CarbonImmutable $day, ?VisitRow $visit, CarbonImmutable $now): self
    {
        return new self(
            $person,
            $person->certificateOn($day),
            $person->certifiedDays($day),
            $visit?->bay,
            $visit?->minutes($now),
        );
    }

    public function isFree(): bool
    {
        return $this->bay === null && $this->certificate->maySign();
    }

    /** Whether families are called to them; seniors and coordinators step in. */
    public function isTechnician(): bool
    {
        return $this->person->role === Role::Technician;
    }
}
