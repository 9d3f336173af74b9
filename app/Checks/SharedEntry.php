<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Models\Fact;
use Symfony\Component\Uid\Uuid;

/** One entry that is a fact of several checks, of a car with all its seats: each has an id of its own, the same whenever it arrives. */
final readonly class SharedEntry
{
    private function __construct(public string $id) {}

    public static function of(string $entry, Check $check): self
    {
        return new self((string) Uuid::v5(Uuid::fromString($entry), $check->id));
    }

    /** Whatever has changed since: what arrived once is not judged anew. */
    public function isKept(): bool
    {
        return Fact::rows()->where('id', $this->id)->exists();
    }
}
