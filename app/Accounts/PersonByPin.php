<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Checks\UnreadableAnswer;
use App\Models\User;
use App\Organisations\CurrentOrganisation;
use Illuminate\Cache\RateLimiter;

/** Who a name and a PIN on somebody else's device belong to. After a few wrong ones a person's PIN rests for a minute. */
final readonly class PersonByPin
{
    private const TRIES = 5;

    public function __construct(private RateLimiter $tries) {}

    /** @throws UnreadableAnswer when they do not belong together, or were tried too often */
    public function __invoke(string $login, string $pin): User
    {
        $key = CurrentOrganisation::key("pin:{$login}");
        if ($this->tries->tooManyAttempts($key, self::TRIES)) {
            throw UnreadableAnswer::because('pin_rests');
        }
        $person = User::query()->whereNotNull('pin')->whereNull('closed_at')->firstWhere('login', $login);
        if (! SignIn::belongs($pin, $person?->pin) || $person === null) {
            $this->tries->hit($key);
            throw UnreadableAnswer::because('wrong_pin');
        }
        $this->tries->clear($key);

        return $person;
    }
}
