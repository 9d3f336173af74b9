<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use stdClass;

/**
 * One version of a seat model and its maker's rules, in the shape of the case format's seat section.
 *
 * @property int $id
 * @property string $maker
 * @property string $model
 * @property string|null $name
 * @property string $kind
 * @property stdClass $rules
 * @property int $version
 * @property int|null $replaced_by
 * @property int|null $entered_by
 * @property CarbonImmutable $created_at
 */
final class SeatModel extends Model
{
    public const KINDS = ['infant seat on base', 'convertible', 'rotating', 'combination', 'high-back booster', 'backless booster', 'vest'];

    protected $fillable = ['maker', 'model', 'name', 'kind', 'rules', 'version', 'replaced_by', 'entered_by'];

    public function title(): string
    {
        return trim("{$this->maker} {$this->model} {$this->name}");
    }

    /**
     * The versions that hold now, by name.
     *
     * @return Builder<self>
     */
    public static function onTheShelf(): Builder
    {
        return self::query()->whereNull('replaced_by')->orderBy('maker')->orderBy('model');
    }

    protected function casts(): array
    {
        return [
            'rules' => 'object',
            'created_at' => 'immutable_datetime',
        ];
    }
}
