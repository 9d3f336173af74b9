<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A family was called to a bay, or its check handed to somebody else.
 *
 * @property string $id made by the form
 * @property int $visit_id
 * @property int $bay
 * @property int|null $worked_by who works on it from then on; null: nobody was said
 * @property int $made_by
 * @property CarbonImmutable $at
 */
final class VisitMove extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $fillable = ['id', 'visit_id', 'bay', 'worked_by', 'made_by', 'at'];

    protected function casts(): array
    {
        return ['at' => 'immutable_datetime'];
    }
}
