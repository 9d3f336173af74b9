<?php

declare(strict_types=1);

namespace App;

use App\Models\Fact;
use stdClass;

/** A fact as the database gave it: models and casts would cost more than everything else on the page. */
final readonly class LoggedFact
{
    public const COLUMNS = ['id', 'track', 'key', 'value', 'note', 'undoes'];

    private function __construct(public string $id, public Track $track, public string $key, public string $json, public ?string $note, public ?string $undoes) {}

    /** @param stdClass $row with COLUMNS, none of them cast */
    public static function ofRow(stdClass $row): self
    {
        $text = static fn(string $column): ?string => is_string($row->{$column} ?? null) ? $row->{$column} : null;

        return new self($text('id') ?? '', Track::from($text('track') ?? ''), $text('key') ?? '', $text('value') ?? 'null', $text('note'), $text('undoes'));
    }

    public static function of(Fact $fact): self
    {
        return self::ofRow((object) $fact->getRawOriginal());
    }

    public function value(): mixed
    {
        return FactLog::decode($this->json);
    }

    /** Whether it is a fact of the case file, not a word beside it. */
    public function isOfTheCase(): bool
    {
        return Beside::ofKey($this->key) === null;
    }
}
