<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What is personal of a booking, encrypted; kept only as long as it is needed.
 *
 * @property string $booking_id
 * @property string $first_name
 * @property string|null $contact
 * @property array<string, mixed>|null $arrival what the family said of itself beforehand, as the arrival form takes it
 */
final class BookedFamily extends Model
{
    protected $primaryKey = 'booking_id';

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $fillable = ['booking_id', 'first_name', 'contact', 'arrival'];

    protected function casts(): array
    {
        return ['first_name' => 'encrypted', 'contact' => 'encrypted', 'arrival' => 'encrypted:array'];
    }
}
