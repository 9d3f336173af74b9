<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use MintBuckle\Core\Kit\KitItem;

/**
 * Something of the kit was counted, added or corrected by hand.
 *
 * @property string $id made by the form
 * @property int $checkup_event_id
 * @property KitItem $item
 * @property int $count more, or less where negative
 * @property string|null $note
 * @property int $made_by
 * @property CarbonImmutable $at
 */
final class KitMove extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $fillable = ['id', 'checkup_event_id', 'item', 'count', 'note', 'made_by', 'at'];

    protected function casts(): array
    {
        return ['item' => KitItem::class, 'at' => 'immutable_datetime'];
    }
}
