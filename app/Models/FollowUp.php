<?php

declare(strict_types=1);

namespace App\Models;

use App\FollowUps\FollowUpKind;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A family that wants to be told when its seat is likely outgrown, or may no longer be used.
 *
 * @property string $check_id
 * @property FollowUpKind $kind
 * @property CarbonImmutable $due_on of what is outgrown the first of the month in which it likely is
 * @property CarbonImmutable|null $told_at
 * @property int|null $told_by
 * @property CarbonImmutable|null $mailed_at into the stand-in for outgoing mail
 * @property Check $check
 * @property User|null $teller
 */
final class FollowUp extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'check_id';

    protected $keyType = 'string';

    protected $fillable = ['check_id', 'kind', 'due_on', 'told_at', 'told_by', 'mailed_at'];

    /** @return BelongsTo<Check, $this> */
    public function check(): BelongsTo
    {
        return $this->belongsTo(Check::class);
    }

    /** @return BelongsTo<User, $this> */
    public function teller(): BelongsTo
    {
        return $this->belongsTo(User::class, 'told_by');
    }

    /** @return Builder<self> of families that left a contact, the next first */
    public static function wanted(): Builder
    {
        return self::query()
            ->whereHas('check.visit.family', static fn(Builder $family): Builder => $family->whereNotNull('contact'))
            ->with(['check.visit.family', 'check.visit.event', 'teller'])
            ->orderBy('due_on')->orderBy('check_id');
    }

    /** @return Builder<self> the row itself: it has two keys */
    public function row(): Builder
    {
        return self::query()->where('check_id', $this->check_id)->where('kind', $this->kind->value);
    }

    protected function casts(): array
    {
        return [
            'kind' => FollowUpKind::class,
            'due_on' => 'immutable_date',
            'told_at' => 'immutable_datetime',
            'mailed_at' => 'immutable_datetime',
        ];
    }
}
