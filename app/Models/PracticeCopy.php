<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Practice\RegionalPractice;
use MintBuckle\Core\Schools\OwnFigures;

/**
 * An organisation's own copy of a practice: what it sets otherwise, each figure with its source.
 *
 * @property int $id
 * @property string $name lower-case letters and digits, as it stands in "practice:<name>"
 * @property PracticeCode $base
 * @property array<string, string> $figures what was typed, by figure
 * @property array<string, string> $sources by figure
 * @property User $keeper
 */
final class PracticeCopy extends Model
{
    protected $fillable = ['name', 'base', 'figures', 'sources', 'kept_by'];

    public function practice(): RegionalPractice
    {
        return OwnFigures::read($this->base, $this->figures, $this->sources)->practice($this->name);
    }

    /** @return BelongsTo<User, $this> */
    public function keeper(): BelongsTo
    {
        return $this->belongsTo(User::class, 'kept_by');
    }

    protected function casts(): array
    {
        return ['base' => PracticeCode::class, 'figures' => 'array', 'sources' => 'array'];
    }
}
