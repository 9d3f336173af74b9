<?php

declare(strict_types=1);

namespace App\Events;

use App\Models\Check;
use App\Models\Visit;
use Illuminate\Database\Eloquent\Collection;

/** Families and seats that were here, by ticket, contact, first name, or what stands on the seat's label. */
final readonly class SearchPage
{
    /**
     * @param Collection<int, Visit> $families the last first
     * @param Collection<int, Check> $seats the last first
     */
    public function __construct(public string $search, public Collection $families, public Collection $seats) {}

    public function isEmpty(): bool
    {
        return $this->families->isEmpty() && $this->seats->isEmpty();
    }
}
