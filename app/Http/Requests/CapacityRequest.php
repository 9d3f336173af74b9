<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\Role;
use App\Events\CapacityPanel;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;

/** A plan as far as it was typed, for the figures beside it. */
final class CapacityRequest extends FormRequest
{
    use BySomebody;
    use ReadsText;

    private const MOST_SEATS = 5000;

    private const MOST_MINUTES = 240;

    public function panel(): ?CapacityPanel
    {
        $said = array_map(intval(...), array_filter((array) $this->input('crew', []), is_numeric(...)));
        $crew = User::maySign()->whereKey($said)->get();
        $seniors = $crew->filter(static fn(User $one): bool => $one->role === Role::Senior)->count();

        return CapacityPanel::of(
            User::technicians($crew),
            $seniors,
            $this->openMinutes(),
            min(self::MOST_SEATS, $this->integer('expected_seats')),
            min(self::MOST_MINUTES, $this->integer('minutes_per_seat')),
        );
    }

    private function openMinutes(): int
    {
        [$opens, $closes] = [$this->clock('opens_at'), $this->clock('closes_at')];

        return $opens === null || $closes === null ? 0 : intdiv($closes->getTimestamp() - $opens->getTimestamp(), 60);
    }

    private function clock(string $field): ?DateTimeImmutable
    {
        return DateTimeImmutable::createFromFormat('!H:i', $this->string($field)->toString()) ?: null;
    }
}
