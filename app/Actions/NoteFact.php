<?php

declare(strict_types=1);

namespace App\Actions;

use App\LoggedFact;
use App\Models\Check;
use App\Models\Fact;
use App\Models\User;
use App\Track;
use DateTimeImmutable;

/** Appends one fact. An id that is there already is the same fact arriving again: nothing happens. */
final readonly class NoteFact
{
    public static function append(Check $check, string $id, Track $track, string $key, mixed $value, User $author, DateTimeImmutable $when, ?string $note = null, ?string $undoes = null): void
    {
        $fact = [
            'id' => $id,
            'check_id' => $check->id,
            'track' => $track->value,
            'key' => $key,
            'value' => json_encode($value, JSON_THROW_ON_ERROR),
            'observed_at' => $when,
            'recorded_at' => $when,
            'recorded_by' => $author->id,
            'note' => $note,
            'undoes' => $undoes,
        ];
        if (Fact::rows()->insertOrIgnore($fact) === 1) {
            $check->noteLogged(LoggedFact::ofRow((object) $fact));
        }
    }
}
