<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * A family on a day: its ticket, its car, its checks.
 *
 * @property int $id
 * @property int $checkup_event_id
 * @property int $ticket
 * @property int|null $bay
 * @property string $vehicle
 * @property string $submission
 * @property CarbonImmutable $arrived_at
 * @property int|null $vehicle_layout_id the car of the catalogue it came in, or its mere shape
 * @property CarbonImmutable|null $called_at to its bay
 * @property int|null $worked_by who works on it now; null: nobody was said
 * @property User|null $technician
 * @property CarbonImmutable|null $left_at
 * @property int $received_by
 * @property string $language that the family reads
 * @property int $adults who will install the seats at home
 * @property string|null $left_because
 * @property int|null $left_seen_by
 * @property User|null $leftSeenBy
 * @property CheckupEvent $event
 * @property Family|null $family
 * @property Collection<int, Check> $checks
 */
final class Visit extends Model
{
    protected $fillable = [
        'checkup_event_id',
        'ticket',
        'bay',
        'vehicle',
        'vehicle_layout_id',
        'submission',
        'arrived_at',
        'called_at',
        'worked_by',
        'left_at',
        'received_by',
        'language',
        'adults',
        'left_because',
        'left_seen_by',
    ];

    /** @return BelongsTo<CheckupEvent, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(CheckupEvent::class, 'checkup_event_id');
    }

    /** @return BelongsTo<User, $this> who looked a second time at what was open when the family left */
    public function leftSeenBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'left_seen_by');
    }

    /** @return BelongsTo<User, $this> */
    public function technician(): BelongsTo
    {
        return $this->belongsTo(User::class, 'worked_by');
    }

    /** @return HasOne<Family, $this> */
    public function family(): HasOne
    {
        return $this->hasOne(Family::class);
    }

    /** @return HasMany<Check, $this> */
    public function checks(): HasMany
    {
        return $this->hasMany(Check::class)->orderBy('letter');
    }

    protected function casts(): array
    {
        return [
            'arrived_at' => 'immutable_datetime',
            'called_at' => 'immutable_datetime',
            'left_at' => 'immutable_datetime',
        ];
    }
}
