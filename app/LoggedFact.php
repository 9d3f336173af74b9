<?php

declare(strict_types=1);

namespace App;

use App\Models\Fact;

/** A fact as the database gave it: casts would cost more than everything else on the page. */
final readonly class LoggedFact
{
    private function __construct(public string $id, public Track $track, public string $key, public string $json, public ?string $note, public ?string $undoes) {}

    public static function of(Fact $fact): self
    {
        $text = static fn(string $column): ?string => is_string($value = $fact->getRawOriginal($column)) ? $value : null;

        return new self($text('id') ?? '', Track::from($text('track') ?? ''), $text('key') ?? '', $text('value') ?? 'null', $text('note'), $text('undoes'));
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
