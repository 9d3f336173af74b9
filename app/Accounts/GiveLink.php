<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\AccountLink;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** A new link for somebody; whatever link they had before is worth nothing from then on. */
final readonly class GiveLink
{
    public const HOURS = 72;

    private const BYTES = 32;

    public function __construct(private ClockInterface $clock) {}

    /**
     * @param User|null $by null: on the machine itself
     * @return string the link's secret part, shown this once and kept nowhere
     */
    public function __invoke(User $to, ?User $by): string
    {
        $token = rtrim(strtr(base64_encode(random_bytes(self::BYTES)), '+/', '-_'), '=');
        DB::transaction(function () use ($to, $by, $token): void {
            AccountLink::query()->where('user_id', $to->id)->whereNull('used_at')->update(['expires_at' => $this->now()]);
            AccountLink::query()->create([
                'user_id' => $to->id,
                'token' => self::inShort($token),
                'expires_at' => $this->now()->addHours(self::HOURS),
                'made_by' => $by?->id,
            ]);
        });

        return $token;
    }

    public static function inShort(string $token): string
    {
        return hash('sha256', $token);
    }

    private function now(): CarbonImmutable
    {
        return CarbonImmutable::instance($this->clock->now());
    }
}
