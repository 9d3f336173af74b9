<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use MintBuckle\Core\Drill\DrillScore;

/**
 * One drill as somebody worked through it: what they looked at, what they named, what they put right.
 *
 * @property string $id
 * @property int|null $user_id
 * @property string|null $guest who came by a class's link alone; one of the two is known
 * @property string $kind drill, repeat, or the name of a fixed one
 * @property int $seed
 * @property int $level
 * @property string $case in the case file's shape, as JSON
 * @property string $good the same without its errors
 * @property non-empty-list<string> $faults codes
 * @property list<string> $looked looks taken, in order
 * @property array<string, string> $named code => path at which it was named
 * @property array<string, mixed> $mends path => value that was put there
 * @property string|null $practice_set_id the class it belongs to
 * @property int|null $item which drill of the class
 * @property CarbonImmutable $begun_at
 * @property CarbonImmutable|null $ended_at
 */
final class PracticeAttempt extends Model
{
    /** Without the set-up itself, which is large: what is counted and listed. */
    public const LISTED = [
        'id', 'user_id', 'guest', 'kind', 'level', 'faults', 'named', 'practice_set_id', 'item', 'begun_at', 'ended_at',
    ];

    protected $fillable = [
        'id',
        'user_id',
        'guest',
        'kind',
        'seed',
        'level',
        'case',
        'good',
        'faults',
        'looked',
        'named',
        'mends',
        'practice_set_id',
        'item',
        'begun_at',
        'ended_at',
    ];

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    public function score(): DrillScore
    {
        return new DrillScore($this->faults, array_map(strval(...), array_keys($this->named)));
    }

    protected function casts(): array
    {
        return [
            'faults' => 'array',
            'looked' => 'array',
            'named' => 'array',
            'mends' => 'array',
            'begun_at' => 'immutable_datetime',
            'ended_at' => 'immutable_datetime',
        ];
    }
}
