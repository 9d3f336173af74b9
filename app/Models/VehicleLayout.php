<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;
use MintBuckle\Core\Telling\Message;

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

    /** Those that ship with the product are told in the reader's language; others as they were entered. */
    public function title(): Message
    {
        return new Message(
            'layouts.' . Str::slug($this->name, '_'),
            ['name' => $this->name],
            otherwise: 'layouts.as_entered',
        );
    }

    protected function casts(): array
    {
        return [
            'positions' => 'array',
        ];
    }
}
