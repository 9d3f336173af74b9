<?php

declare(strict_types=1);

namespace App\Models;

use App\Photos\PhotoOf;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A picture of a seat's label or of its damage, encrypted. It belongs to the family and goes with its data.
 *
 * @property string $id made by the device
 * @property int $visit_id
 * @property string $check_id
 * @property PhotoOf $about
 * @property string $image a JPEG's bytes
 * @property int $taken_by
 * @property CarbonImmutable $taken_at
 * @property Check $check
 */
final class Photo extends Model
{
    public const LISTED = ['id', 'check_id', 'about', 'taken_by', 'taken_at'];

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $fillable = ['id', 'visit_id', 'check_id', 'about', 'image', 'taken_by', 'taken_at'];

    protected $hidden = ['image'];

    /** @return BelongsTo<Check, $this> */
    public function check(): BelongsTo
    {
        return $this->belongsTo(Check::class);
    }

    protected function casts(): array
    {
        return [
            'about' => PhotoOf::class,
            'image' => 'encrypted',
            'taken_at' => 'immutable_datetime',
        ];
    }
}
