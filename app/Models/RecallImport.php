<?php

declare(strict_types=1);

namespace App\Models;

use App\Recalls\ImportState;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/**
 * A recall list on its way in: read first, looked at, then taken whole or not at all.
 *
 * @property int $id
 * @property string $source
 * @property string $path of the file as it came, below the local disk
 * @property CarbonImmutable|null $dated
 * @property ImportState $state
 * @property int|null $size how many campaigns
 * @property list<array{path: string, message: string}> $problems
 * @property array{new: list<string>, gone: list<string>, changed: list<string>, same: int, counts: array{int, int, int}}|null $changes
 * @property int|null $recall_list_id
 * @property string|null $matched_to checks up to this one are matched with it, by id
 * @property int $matched how many
 * @property int $begun_by
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable $updated_at
 */
final class RecallImport extends Model
{
    protected $fillable = [
        'source', 'path', 'dated', 'state', 'size', 'problems', 'changes', 'recall_list_id', 'matched_to', 'matched', 'begun_by',
    ];

    /** The file as it came is there until its list was taken or the import ended otherwise. */
    protected static function booted(): void
    {
        static::updated(static function (self $import): void {
            if ($import->state->isOver()) {
                // Not before that is so for good: taken back, it is read once more.
                DB::afterCommit(static fn() => Storage::delete($import->path));
            }
        });
    }

    protected function casts(): array
    {
        return [
            'created_at' => 'immutable_datetime',
            'updated_at' => 'immutable_datetime',
            'dated' => 'immutable_date',
            'state' => ImportState::class,
            'problems' => 'array',
            'changes' => 'array',
        ];
    }
}
