<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A list of recalls with its date, in the case format's own shape.
 *
 * @property int $id
 * @property CarbonImmutable $dated
 * @property list<array<string, mixed>> $campaigns
 */
final class RecallList extends Model
{
    protected $fillable = ['dated', 'campaigns'];

    protected function casts(): array
    {
        return [
            'dated' => 'immutable_date',
            'campaigns' => 'array',
        ];
    }
}
