<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use MintBuckle\Core\Bus\Trip\TripItem;
use MintBuckle\Core\Bus\Trip\TripLook;
use MintBuckle\Core\Bus\Trip\TripRecord;
use MintBuckle\Core\Facts\BenchSide;
use MintBuckle\Core\Facts\BusFixing;
use MintBuckle\Core\Facts\BusSystem;

/**
 * A bus looked over before it sets off. Its list stays as it was made, whatever becomes of bus and riders.
 *
 * @property string $id
 * @property int $bus_layout_id
 * @property list<array{look: string, row?: int, side?: string, rider?: string, system?: string, held_by?: string, behind?: int,
 *     stays_empty?: bool}> $items
 * @property int $begun_by
 * @property CarbonImmutable $begun_at
 * @property string|null $signed_with initials
 * @property CarbonImmutable|null $signed_at
 * @property BusLayout $layout
 * @property Collection<int, BusTripMark> $marks
 */
final class BusTrip extends Model
{
    protected $fillable = ['id', 'bus_layout_id', 'items', 'begun_by', 'begun_at', 'signed_with', 'signed_at'];

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    /**
     * @param list<TripItem> $items
     * @return list<array<string, mixed>>
     */
    public static function kept(array $items): array
    {
        return array_map(static fn(TripItem $item): array => array_filter([
            'look' => $item->look->value,
            'row' => $item->row,
            'side' => $item->side?->value,
            'rider' => $item->rider,
            'system' => $item->system?->value,
            'held_by' => $item->heldBy?->value,
            'behind' => $item->behind,
            'stays_empty' => $item->staysEmpty,
        ], static fn(mixed $value): bool => $value !== null && $value !== false), $items);
    }

    public function record(): TripRecord
    {
        return new TripRecord($this->list(), array_values($this->marks->map(static fn(BusTripMark $mark) => $mark->seen())->all()));
    }

    /** @return BelongsTo<BusLayout, $this> */
    public function layout(): BelongsTo
    {
        return $this->belongsTo(BusLayout::class, 'bus_layout_id');
    }

    /** @return HasMany<BusTripMark, $this> in the order in which they came */
    public function marks(): HasMany
    {
        return $this->hasMany(BusTripMark::class)->orderBy('seq');
    }

    /** @return list<TripItem> */
    private function list(): array
    {
        return array_map(static fn(array $item): TripItem => new TripItem(
            TripLook::from($item['look']),
            $item['row'] ?? null,
            BenchSide::tryFrom($item['side'] ?? ''),
            $item['rider'] ?? null,
            BusSystem::tryFrom($item['system'] ?? ''),
            BusFixing::tryFrom($item['held_by'] ?? ''),
            $item['behind'] ?? null,
            $item['stays_empty'] ?? false,
        ), $this->items);
    }

    protected function casts(): array
    {
        return ['items' => 'array', 'begun_at' => 'immutable_datetime', 'signed_at' => 'immutable_datetime'];
    }
}
