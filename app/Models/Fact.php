<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Catalogue\ModelField;
use MintBuckle\Core\Catalogue\ModelFields;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Record\LoggedFact;

/**
 * One thing that somebody saw, measured or was told. Never changed, never deleted; a later fact of the same key counts.
 *
 * @property string $id
 * @property int $seq
 * @property string $check_id
 * @property InspectionPhase $phase
 * @property string $key
 * @property mixed $value
 * @property CarbonImmutable $observed_at
 * @property CarbonImmutable $recorded_at
 * @property int $recorded_by
 * @property string|null $note
 * @property string|null $undoes
 * @property bool $affirmed kept with the other lines of a list of looks
 * @property bool $amends added after the family had left
 * @property User $author
 */
final class Fact extends Model
{
    protected $fillable = [
        'id',
        'check_id',
        'phase',
        'key',
        'value',
        'observed_at',
        'recorded_at',
        'recorded_by',
        'note',
        'undoes',
        'affirmed',
    ];

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    /** The facts as rows: where a check's hundred are read for every answer, the models themselves would cost more than the rest. */
    public static function rows(): Builder
    {
        return DB::table('facts');
    }

    public function logged(): LoggedFact
    {
        return LoggedFact::ofRow((object) $this->getRawOriginal());
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'recorded_by');
    }

    /**
     * What a manual was found to say at a car, of a seat of this version: rules of the model, with the page they were read from.
     *
     * @return Collection<int, self>
     */
    public static function correctionsOf(SeatModel $model): Collection
    {
        $paths = array_map(static fn(ModelField $f): string => "seat.{$f->path}", ModelFields::all());

        return self::query()->whereIn('key', $paths)->whereNotNull('note')->whereNull('undoes')
            ->whereNotIn('id', self::query()->select('undoes')->whereNotNull('undoes'))
            ->whereIn('check_id', Check::query()->select('id')->where('seat_model_id', $model->id))
            ->with('author')->orderByDesc('seq')->get()->unique('key')->values();
    }

    protected function casts(): array
    {
        return [
            'phase' => InspectionPhase::class,
            'value' => 'object',
            'observed_at' => 'immutable_datetime',
            'recorded_at' => 'immutable_datetime',
        ];
    }
}
