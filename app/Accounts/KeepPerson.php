<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Somebody is let in, gets another role, or works here no more. What they wrote keeps its author. */
final readonly class KeepPerson
{
    /**
     * @param array<string, mixed> $person login, name, role, certified_until; the password they choose themselves
     * @throws TakenLogin
     */
    public function invited(array $person): User
    {
        try {
            return DB::transaction(static fn(): User => User::query()->create($person));
        } catch (UniqueConstraintViolationException) {
            throw new TakenLogin();
        }
    }

    /**
     * @param array<string, mixed> $changed role, certified_until, closed_at
     * @throws LastCoordinator
     */
    public function changed(User $person, array $changed): void
    {
        DB::transaction(static function () use ($person, $changed): void {
            $coordinators = User::query()->whereNull('closed_at')->where('role', Role::Coordinator)->lockForUpdate()->pluck('id')->all();
            $person->refresh()->fill($changed);
            if ($coordinators === [$person->id] && ($person->role !== Role::Coordinator || $person->closed_at !== null)) {
                throw new LastCoordinator();
            }
            if ($person->closed_at !== null) {
                $person->setRememberToken(Str::random(60));
            }
            $person->save();
        });
    }
}
