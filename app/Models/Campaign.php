<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\CaseFile\Writer;
use MintBuckle\Core\Facts\Campaign as CoreCampaign;
use MintBuckle\Core\Telling\Message;
use stdClass;

/**
 * A campaign of a recall list.
 *
 * @property int $id
 * @property int $recall_list_id
 * @property string $code
 * @property string $maker
 * @property 'stop_use'|'usable_until_remedy' $advice
 * @property list<string> $models patterns of model numbers; none: every model
 * @property string|null $made_from
 * @property string|null $made_to
 * @property string|null $serial_from
 * @property string|null $serial_to
 * @property string|null $defect
 * @property string|null $remedy
 */
final class Campaign extends Model
{
    /** Columns that the case format has under the same name. */
    private const SAID = ['maker', 'advice', 'made_from', 'made_to', 'serial_from', 'serial_to', 'defect', 'remedy'];

    public $timestamps = false;

    protected $fillable = ['recall_list_id', 'code', 'models', ...self::SAID];

    /** The campaigns as rows: where thousands are read, models would cost more than the rest. */
    public static function rows(): Builder
    {
        return DB::table('campaigns');
    }

    /**
     * A campaign as a row of the table.
     *
     * @return array<string, mixed>
     */
    public static function row(CoreCampaign $campaign): array
    {
        $said = Writer::section($campaign);

        return [
            'code' => $campaign->id,
            'models' => json_encode($campaign->models, JSON_THROW_ON_ERROR),
        ] + array_intersect_key($said, array_flip(self::SAID));
    }

    /** A row of the table in the case format's shape. */
    public static function said(stdClass $row): stdClass
    {
        $models = is_string($row->models ?? null) ? json_decode($row->models, false, 2, JSON_THROW_ON_ERROR) : [];

        return (object) (
            ['id' => $row->code ?? '', 'models' => $models] + array_intersect_key(get_object_vars($row), array_flip(self::SAID))
        );
    }

    /** What it asks of whoever has such a seat, in a sentence. */
    public function words(): Message
    {
        return new Message('recalls.words', [
            'code' => $this->code,
            'defect' => $this->defect ?? new Message('recalls.no_defect'),
            'advice' => $this->advice,
            'remedy' => $this->remedy ?? new Message('recalls.ask_maker'),
        ]);
    }

    protected function casts(): array
    {
        return [
            'models' => 'array',
        ];
    }
}
