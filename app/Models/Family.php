<?php

declare(strict_types=1);

namespace App\Models;

use App\Organisations\CurrentOrganisation;
use App\Visits\FamilyKey;
use Illuminate\Database\Eloquent\Model;

/**
 * What is personal of a visit, encrypted; kept only as long as it is needed.
 *
 * @property int $visit_id
 * @property string $first_name
 * @property string|null $contact
 * @property string|null $contact_key by which it is found again; null: nobody asked for follow-up
 * @property string|null $name_key
 * @property int $organisation_id
 */
final class Family extends Model
{
    protected $primaryKey = 'visit_id';

    public $incrementing = false;

    protected $fillable = ['visit_id', 'first_name', 'contact'];

    protected static function booted(): void
    {
        static::saving(static function (self $family): void {
            $organisation = resolve(CurrentOrganisation::class)->id();
            $organisation === null || $family->forceFill(FamilyKey::columns($organisation, $family->first_name, $family->contact));
        });
    }

    protected function casts(): array
    {
        return [
            'first_name' => 'encrypted',
            'contact' => 'encrypted',
        ];
    }
}
