<?php

declare(strict_types=1);

namespace App\Models;

use App\Accounts\Ability;
use App\Accounts\Role;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Auth\User as Authenticatable;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Crew\Certificate;

/**
 * A person who signs in; every fact names its author.
 *
 * @property int $id
 * @property string $login
 * @property string $name
 * @property Role $role
 * @property string|null $password null until the person has chosen one
 * @property string|null $pin hashed; null: signs only where they are signed in themselves
 * @property CarbonImmutable|null $certified_until
 * @property string $language that the person reads
 * @property CarbonImmutable|null $closed_at from when on nobody signs in by it; what they wrote keeps its author
 * @property string|null $totp_secret of the second factor; null: without one
 * @property int|null $totp_step the last that was used
 * @property list<string>|null $recovery_codes those that are left, hashed
 */
final class User extends Authenticatable
{
    protected $fillable = [
        'login', 'name', 'role', 'password', 'pin', 'certified_until', 'language', 'closed_at',
        'totp_secret', 'totp_step', 'recovery_codes',
    ];

    protected $hidden = ['password', 'pin', 'remember_token', 'totp_secret', 'recovery_codes'];

    /** @return array<string, string> what everybody is called, by sign-in name */
    public static function names(): array
    {
        return self::query()->get()->mapWithKeys(static fn(self $user): array => [$user->login => $user->name])->all();
    }

    /** @return Collection<int, self> who may look a second time after somebody; nobody where the event does not ask for it */
    public static function secondsFor(CheckupEvent $event, self $signer): Collection
    {
        return $event->second_signer ? self::maySign()->whereKeyNot($signer->id)->orderBy('name')->get() : new Collection();
    }

    /** @return Collection<int, self> who may sign beside somebody on the same device, by a PIN */
    public static function besides(?self $present): Collection
    {
        return self::maySign()->whereNotNull('pin')->whereKeyNot($present?->id)->orderBy('name')->get();
    }

    public function certificateOn(CarbonImmutable $day): Certificate
    {
        return Certificate::on(self::date($day), $this->certifiedUntil());
    }

    /** Days after that one on which their certificate still holds; null: nobody said. */
    public function certifiedDays(CarbonImmutable $day): ?int
    {
        return Certificate::daysLeft(self::date($day), $this->certifiedUntil());
    }

    private function certifiedUntil(): ?CalendarDate
    {
        return $this->certified_until === null ? null : self::date($this->certified_until);
    }

    private static function date(CarbonImmutable $moment): CalendarDate
    {
        return CalendarDate::parse($moment->toDateString());
    }

    /**
     * How many of a crew look at seats: its technicians, while others step in; all of it where it has none.
     *
     * @param Collection<int, self> $crew
     */
    public static function technicians(Collection $crew): int
    {
        return $crew->where('role', Role::Technician)->count() ?: $crew->count();
    }

    /** @return Builder<self> those who may write what is seen */
    public static function mayRecord(): Builder
    {
        return self::who(Ability::Record);
    }

    /** @return Builder<self> those whose signature counts */
    public static function maySign(): Builder
    {
        return self::who(Ability::Sign);
    }

    /** @return Builder<self> */
    private static function who(Ability $may): Builder
    {
        $roles = array_filter(Role::cases(), static fn(Role $role): bool => $role->may($may));

        return self::query()->whereNull('closed_at')->whereIn('role', array_column($roles, 'value'));
    }

    protected function casts(): array
    {
        return [
            'role' => Role::class,
            'password' => 'hashed',
            'pin' => 'hashed',
            'certified_until' => 'immutable_date',
            'closed_at' => 'immutable_datetime',
            'totp_secret' => 'encrypted',
            'recovery_codes' => 'array',
        ];
    }
}
