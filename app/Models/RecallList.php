<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Recall\CandidateKeys;
use stdClass;

/**
 * A list of recalls with its date.
 *
 * @property int $id
 * @property CarbonImmutable $dated
 * @property string $source
 * @property int $size
 * @property int|null $taken_by
 */
final class RecallList extends Model
{
    /** Of a seat whose maker is not known every campaign is possible: some of them say so as well as all. */
    private const SOME = 20;

    private const REMEMBERED_SECONDS = 3600;

    protected $fillable = ['dated', 'source', 'size', 'taken_by'];

    /** @var array<string, list<stdClass>> */
    private array $candidates = [];

    /** @return HasMany<Campaign, $this> */
    public function campaigns(): HasMany
    {
        return $this->hasMany(Campaign::class);
    }

    /** A list by its number, without asking the database again: once taken it never changes. */
    public static function known(int $id): ?self
    {
        $attributes = Cache::remember(
            "recall-list.{$id}",
            self::REMEMBERED_SECONDS,
            static fn(): ?array => self::query()->find($id)?->getRawOriginal(),
        );

        return is_array($attributes) ? (new self())->newFromBuilder($attributes) : null;
    }

    /** The list that is looked into: the latest that was taken. */
    public static function current(): ?self
    {
        return self::query()->orderByDesc('dated')->orderByDesc('id')->first();
    }

    /** @return Collection<int, Campaign> some to look at: the first, or those of a maker or number */
    public function shown(string $search, int $most): Collection
    {
        $query = $this->campaigns()->orderBy('id')->limit($most);
        if ($search !== '') {
            $ofMaker = DB::table('campaign_keys')
                ->select('campaign_id')
                ->where('recall_list_id', $this->id)
                ->where('maker', CandidateKeys::maker($search));
            $query->where(static fn(EloquentBuilder $either) => $either->where('code', $search)->orWhereIn('id', $ofMaker));
        }

        return $query->get();
    }

    /**
     * @param list<string> $codes
     * @return Collection<int, Campaign> those campaigns
     */
    public function named(array $codes): Collection
    {
        return $this->campaigns()->whereIn('code', $codes)->orderBy('id')->get();
    }

    /** @return HasMany<RecallFollowUp, $this> past checks whose seat this list names */
    public function followUps(): HasMany
    {
        return $this->hasMany(RecallFollowUp::class);
    }

    /** @return HasMany<RecallFollowUp, $this> those of families that have left and asked to hear, those not told yet first */
    public function toTell(): HasMany
    {
        return $this->followUps()
            ->whereHas('check', static fn(EloquentBuilder $check) => $check->whereNotNull('signed_at')
                ->whereHas('visit.family', static fn(EloquentBuilder $family) => $family->whereNotNull('contact')))
            ->orderByRaw('told_at is not null')->orderBy('check_id');
    }

    /** @param string $folded a maker's name, folded */
    public function namesMaker(string $folded): bool
    {
        return $this->remember(
            "maker.{$folded}",
            fn(): bool => DB::table('campaign_keys')->where('recall_list_id', $this->id)->where('maker', $folded)->exists(),
        );
    }

    /** @return list<string> every maker it names, as it spells them */
    public function makers(): array
    {
        return $this->remember(
            'makers',
            fn(): array => array_values(array_filter(
                Campaign::rows()->where('recall_list_id', $this->id)->distinct()->pluck('maker')->all(),
                is_string(...),
            )),
        );
    }

    /**
     * A list never changes once it was taken.
     *
     * @template T
     * @param Closure(): T $tell
     * @return T
     */
    private function remember(string $what, Closure $tell): mixed
    {
        return Cache::remember("recall-list.{$this->id}." . sha1($what), self::REMEMBERED_SECONDS, $tell);
    }

    /** @return list<stdClass> the campaigns that may concern such a seat, in the case format's shape */
    public function candidates(?string $maker, ?string $model): array
    {
        return $this->candidates["{$maker}\n{$model}"] ??= $this->remembered($maker, $model);
    }

    /**
     * A list never changes once it was taken, so what was narrowed before can be used again.
     *
     * @return list<stdClass>
     */
    private function remembered(?string $maker, ?string $model): array
    {
        $key = "recall-list.{$this->id}." . sha1("{$maker}\n{$model}");
        $json = Cache::remember(
            $key,
            self::REMEMBERED_SECONDS,
            fn(): string => json_encode($this->narrowed($maker, $model), JSON_THROW_ON_ERROR),
        );
        $said = json_decode($json);

        return array_values(array_filter(is_array($said) ? $said : [], static fn(mixed $one): bool => $one instanceof stdClass));
    }

    /** @return list<stdClass> in the order of the list */
    public function narrowed(?string $maker, ?string $model): array
    {
        $rows = $maker === null
            ? Campaign::rows()->where('recall_list_id', $this->id)->orderBy('id')->limit(self::SOME)
            : DB::table('campaign_keys')->join('campaigns', 'id', '=', 'campaign_id')
                ->where('campaign_keys.recall_list_id', $this->id)
                ->where('campaign_keys.maker', CandidateKeys::maker($maker));
        if ($maker !== null && $model !== null) {
            $rows->whereIn('beginning', CandidateKeys::ofModel($model));
        }
        $said = [];
        // A campaign with several keys is met several times; a join is planned faster than a subquery that tells them apart.
        foreach ($rows->get('campaigns.*')->keyBy('id')->all() as $id => $row) {
            $said[$id] = Campaign::said($row);
        }
        ksort($said);

        return array_values($said);
    }

    protected function casts(): array
    {
        return [
            'dated' => 'immutable_date',
        ];
    }
}
