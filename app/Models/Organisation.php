<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Who holds checkup events: everything in the installation belongs to one of them, and none sees anything of another.
 *
 * @property int $id
 * @property string $name
 */
final class Organisation extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['name'];

    /** The one that was entered. */
    public static function current(): self
    {
        return self::query()->firstOrFail();
    }
}
