<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The places of a kind of car, as far as its shape tells; the rest is looked at.
 *
 * @property int $id
 * @property string $name
 * @property list<array<string, mixed>> $positions
 */
final class VehicleLayout extends Model
{
    protected $fillable = ['name', 'positions'];

    protected function casts(): array
    {
        return [
            'positions' => 'array',
        ];
    }
}
