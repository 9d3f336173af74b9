<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use stdClass;

/**
 * A campaign of a recall list, in the case format's own shape.
 *
 * @property int $id
 * @property int $recall_list_id
 * @property string $code
 * @property stdClass $said
 */
final class Campaign extends Model
{
    public $timestamps = false;

    protected $fillable = ['recall_list_id', 'code', 'said'];

    public function text(string $key): ?string
    {
        $value = $this->said->{$key} ?? null;

        return is_string($value) ? $value : null;
    }

    /** What it asks of whoever has such a seat, in a sentence. */
    public function words(): string
    {
        $use = $this->text('advice') === 'usable_until_remedy' ? 'It may be used until it is put right' : 'Do not use it until it is put right';

        return "{$this->code}: " . ($this->text('defect') ?? 'no defect is named') . ". {$use}: " . ($this->text('remedy') ?? 'ask the maker') . '.';
    }

    /** @return list<string> */
    public function models(): array
    {
        return array_values(array_filter((array) ($this->said->models ?? []), is_string(...)));
    }

    protected function casts(): array
    {
        return [
            'said' => 'object',
        ];
    }
}
