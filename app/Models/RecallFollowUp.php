<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A past check whose seat a new list names.
 *
 * @property int $recall_list_id
 * @property string $check_id
 * @property 'affected'|'possible' $answer
 * @property list<string> $campaigns
 * @property CarbonImmutable|null $told_at
 * @property int|null $told_by
 * @property Check $check
 */
final class RecallFollowUp extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'check_id';

    protected $keyType = 'string';

    protected $fillable = ['recall_list_id', 'check_id', 'answer', 'campaigns', 'told_at', 'told_by'];

    /** @return BelongsTo<Check, $this> */
    public function check(): BelongsTo
    {
        return $this->belongsTo(Check::class);
    }

    protected function casts(): array
    {
        return [
            'campaigns' => 'array',
            'told_at' => 'immutable_datetime',
        ];
    }
}
