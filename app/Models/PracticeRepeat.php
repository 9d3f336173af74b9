<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * An error that somebody missed, and when it comes again.
 *
 * @property int $user_id
 * @property string $code
 * @property int $stage
 * @property CarbonImmutable $due_on
 */
final class PracticeRepeat extends Model
{
    protected $fillable = ['user_id', 'code', 'stage', 'due_on'];

    public $incrementing = false;

    public $timestamps = false;

    protected $primaryKey = 'code';

    protected $keyType = 'string';

    protected function casts(): array
    {
        return ['due_on' => 'immutable_date'];
    }
}
