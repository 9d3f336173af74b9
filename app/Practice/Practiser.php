<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\PracticeAttempt;
use App\Models\User;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\Eloquent\Builder;
use Symfony\Component\Uid\UuidV4;

/** Who practises: somebody with an account, or a guest who has a class's link and is known to their browser only. */
final readonly class Practiser
{
    private const KEPT = 'practice.guest';

    /** @param string|null $guest null: somebody with an account */
    private function __construct(public ?User $user, private ?string $guest) {}

    public static function of(?User $user, Session $session): self
    {
        $guest = $session->get(self::KEPT);

        return new self($user, $user === null && is_string($guest) ? $guest : null);
    }

    /** Somebody unknown becomes a guest, who is known from now on. */
    public static function arriving(?User $user, Session $session): self
    {
        if ($user === null && ! $session->has(self::KEPT)) {
            $session->put(self::KEPT, (string) new UuidV4());
        }

        return self::of($user, $session);
    }

    public function owns(PracticeAttempt $attempt): bool
    {
        return $this->user !== null
            ? $attempt->user_id === $this->user->id
            : $this->guest !== null && $attempt->guest === $this->guest;
    }

    /**
     * @param Builder<PracticeAttempt> $attempts
     * @return Builder<PracticeAttempt> only those of this one
     */
    public function mine(Builder $attempts): Builder
    {
        return $attempts->where($this->columns());
    }

    /** @return array{user_id: int|null, guest: string|null} as an attempt keeps them */
    public function columns(): array
    {
        return ['user_id' => $this->user?->id, 'guest' => $this->guest];
    }
}
