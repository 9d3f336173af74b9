<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * A bus with its benches and what is in stock for it, in the shape of the bus file, and who usually rides.
 *
 * @property int $id
 * @property string $name
 * @property object|null $gross_weight
 * @property list<object> $benches
 * @property list<object> $systems
 * @property string $roster as CSV
 * @property CarbonImmutable|null $retired_at out of use since
 * @property CarbonImmutable|null $created_at
 * @property CarbonImmutable|null $updated_at
 */
final class BusLayout extends Model
{
    protected $fillable = ['name', 'gross_weight', 'benches', 'systems', 'roster', 'retired_at'];

    /** @return Builder<self> */
    public static function inUse(): Builder
    {
        return self::query()->whereNull('retired_at')->orderBy('id');
    }

    /** By which a form tells whether it was changed since. */
    public function seen(): string
    {
        return (string) $this->updated_at?->format('Y-m-d H:i:s.u');
    }

    protected function casts(): array
    {
        return ['gross_weight' => 'object', 'benches' => 'object', 'systems' => 'object', 'retired_at' => 'immutable_datetime'];
    }
}
