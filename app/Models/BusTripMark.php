<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use MintBuckle\Core\Bus\Trip\TripMark;
use MintBuckle\Core\Bus\Trip\TripOutcome;
use MintBuckle\Core\Finding\Code;

/**
 * What somebody saw at one line of a trip's list. Never changed, never deleted; a later one of the same line counts.
 *
 * @property string $id
 * @property int $seq
 * @property string $bus_trip_id
 * @property string $item key of the line
 * @property TripOutcome $outcome
 * @property string|null $found code of a rule
 * @property string|null $note
 * @property string $initials
 * @property int $made_by
 * @property CarbonImmutable $made_at
 */
final class BusTripMark extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    public function seen(): TripMark
    {
        return new TripMark(
            $this->item,
            $this->outcome,
            $this->found === null ? null : Code::of($this->found),
            $this->note,
            $this->initials,
            $this->made_at->toIso8601String(),
        );
    }

    protected function casts(): array
    {
        return ['outcome' => TripOutcome::class, 'made_at' => 'immutable_datetime'];
    }
}
