<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A link by which a person chooses their password, once: as an invitation, or when it was forgotten.
 *
 * @property int $id
 * @property int $user_id
 * @property string $token in short; the link itself is kept nowhere
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $used_at
 * @property int|null $made_by null: by a command on the machine itself
 * @property User $user
 */
final class AccountLink extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['user_id', 'token', 'expires_at', 'used_at', 'made_by'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    protected function casts(): array
    {
        return ['expires_at' => 'immutable_datetime', 'used_at' => 'immutable_datetime'];
    }
}
