<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What would be sent: the stand-in for outgoing mail.
 *
 * @property int $id
 * @property string $to
 * @property string $subject
 * @property string $text
 * @property CarbonImmutable $made_at
 */
final class OutgoingMail extends Model
{
    public $timestamps = false;

    protected $fillable = ['to', 'subject', 'text', 'made_at'];

    protected function casts(): array
    {
        return ['to' => 'encrypted', 'subject' => 'encrypted', 'text' => 'encrypted', 'made_at' => 'immutable_datetime'];
    }
}
