<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Models\Fact;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Record\LoggedFact;

/** Appends one fact. An id that is there already with the same content is the same fact arriving again: nothing happens. */
final readonly class NoteFact
{
    /**
     * @param array<array-key, mixed>|null $posted as it was sent, where that is not the value itself
     * @throws UnreadableAnswer when the id was used for something else: what was kept first stays
     */
    public static function append(
        Check $check,
        string $id,
        InspectionPhase $phase,
        string $key,
        mixed $value,
        User $author,
        DateTimeImmutable $when,
        ?string $note = null,
        ?string $undoes = null,
        ?array $posted = null,
        bool $affirmed = false,
        bool $amends = false,
    ): void {
        $fact = [
            'id' => $id,
            'check_id' => $check->id,
            'phase' => $phase->value,
            'key' => $key,
            'value' => json_encode($value, JSON_THROW_ON_ERROR),
            'observed_at' => SeenAt::of($check) ?? $when,
            'recorded_at' => $when,
            'recorded_by' => $author->id,
            'note' => $note,
            'undoes' => $undoes,
            'affirmed' => $affirmed,
            'amends' => $amends,
            'posted' => self::inShort([$check->id, $phase->value, $key, $posted ?? $value, $note, $undoes]),
        ];
        if (Fact::rows()->insertOrIgnore($fact) === 1) {
            $check->noteLogged(LoggedFact::ofRow((object) $fact));
        } elseif (! self::isKept($id, $fact['posted'])) {
            throw UnreadableAnswer::because('other_kept');
        }
    }

    /** Whether this very entry was kept already. */
    public static function isKept(string $id, string $posted): bool
    {
        return Fact::rows()
            ->where('id', $id)
            ->where(static fn(Builder $same): Builder => $same->where('posted', $posted)->orWhereNull('posted'))
            ->exists();
    }

    /** @param list<mixed> $content */
    private static function inShort(array $content): string
    {
        return sha1(json_encode($content, JSON_THROW_ON_ERROR));
    }
}
