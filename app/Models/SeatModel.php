<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use stdClass;

/**
 * A seat model and its maker's rules, in the shape of the case format's seat section.
 *
 * @property int $id
 * @property string $maker
 * @property string $model
 * @property string|null $name
 * @property string $kind
 * @property stdClass $rules
 */
final class SeatModel extends Model
{
    protected $fillable = ['maker', 'model', 'name', 'kind', 'rules'];

    public function title(): string
    {
        return trim("{$this->maker} {$this->model} {$this->name}");
    }

    protected function casts(): array
    {
        return [
            'rules' => 'object',
        ];
    }
}
