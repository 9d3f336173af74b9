<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What is personal of a visit, encrypted; kept only as long as it is needed.
 *
 * @property int $visit_id
 * @property string $first_name
 * @property string|null $contact
 */
final class Family extends Model
{
    protected $primaryKey = 'visit_id';

    public $incrementing = false;

    protected $fillable = ['visit_id', 'first_name', 'contact'];

    protected function casts(): array
    {
        return [
            'first_name' => 'encrypted',
            'contact' => 'encrypted',
        ];
    }
}
