<?php

declare(strict_types=1);

namespace App\Models;

use App\Organisations\CurrentOrganisation;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Catalogue\AboutModel;
use MintBuckle\Core\Recall\Folded;
use stdClass;

/**
 * One version of a seat model and its maker's rules, in the shape of the case format's seat section.
 *
 * @phpstan-import-type About from AboutModel
 *
 * @property int $id
 * @property string $maker
 * @property string $model
 * @property string|null $name
 * @property string $kind
 * @property stdClass $rules
 * @property About $about what its manual says besides, that no rule reads: whom to ask, where it is registered, what came in the box
 * @property int $version
 * @property int|null $replaced_by
 * @property int|null $entered_by
 * @property CarbonImmutable $created_at
 */
final class SeatModel extends Model
{
    /** Another key whenever what is remembered has another shape: it outlives an upgrade. */
    private const NAMES = 'catalogue.names.folded';

    private const LOOKED_UP = 'catalogue.names.looked-up';

    protected $fillable = ['maker', 'model', 'name', 'kind', 'rules', 'about', 'version', 'replaced_by', 'entered_by'];

    public function title(): string
    {
        return trim("{$this->maker} {$this->model} {$this->name}");
    }

    public static function known(?int $id): ?self
    {
        return $id === null ? null : self::query()->find($id);
    }

    /** Its first version, by the names on the label: a later one of the same seat is the same seat. */
    public static function firstOf(string $maker, string $model): ?self
    {
        return self::query()->where('maker', $maker)->where('model', $model)->orderBy('id')
            ->first(['id', 'maker', 'model', 'name', 'kind']);
    }

    /**
     * The versions that hold now, by name.
     *
     * @return Builder<self>
     */
    public static function inUse(): Builder
    {
        return self::query()->whereNull('replaced_by')->orderBy('maker')->orderBy('model');
    }

    /**
     * Makers, numbers and trade names of the versions that hold now; remembered until one is entered.
     *
     * @return list<object{id: int, maker: string, model: string, name: string|null, title: string, folded: string}>
     */
    public static function names(): array
    {
        /** @var list<object{id: int, maker: string, model: string, name: string|null, title: string, folded: string}> $names */
        $names = json_decode(
            Cache::rememberForever(
                CurrentOrganisation::key(self::NAMES),
                static fn(): string => self::inUse()->get(['id', 'maker', 'model', 'name'])->map(static fn(self $one): array => [
                    ...$one->only(['id', 'maker', 'model', 'name']),
                    'title' => $one->title(),
                    'folded' => Folded::text($one->title()),
                ])->toJson(),
            ),
            false,
            8,
            JSON_THROW_ON_ERROR,
        );

        return $names;
    }

    /**
     * Whether a version that holds now is of this maker, and of this number if one is given. Every answer to a check asks, so that it is
     * looked up in names that are folded already: to read and fold those of three thousand models takes 23 ms, this 0.6.
     */
    public static function isNamed(string $maker, ?string $model = null): bool
    {
        /** @var array<string, array<string, true>> $known folded numbers by folded maker */
        $known = Cache::rememberForever(CurrentOrganisation::key(self::LOOKED_UP), static function (): array {
            $known = [];
            foreach (self::names() as $one) {
                $known[Folded::text($one->maker)][Folded::text($one->model)] = true;
            }

            return $known;
        });
        $ofMaker = $known[Folded::text($maker)] ?? null;

        return $ofMaker !== null && ($model === null || isset($ofMaker[Folded::text($model)]));
    }

    /** @return list<int> numbers of the models in use whose title has these words */
    public static function idsOf(string $words): array
    {
        $has = Folded::search($words);

        return array_column(array_filter(self::names(), static fn(object $one): bool => $has($one->folded)), 'id');
    }

    /**
     * Models in use whose title has these words, of a maker first; so many of however many there are.
     *
     * @param list<int> $always numbers of those that come whatever the words
     * @return Collection<int, self>
     */
    public static function found(string $words, int $most, ?string $maker = null, array $always = []): Collection
    {
        $named = array_flip(self::idsOf($words));
        $found = array_values(array_filter(
            self::names(),
            static fn(object $one): bool => in_array($one->id, $always, true) || isset($named[$one->id]),
        ));
        usort($found, static fn(object $a, object $b): int => [
            ! in_array($a->id, $always, true), $a->maker !== $maker, $a->maker, $a->model,
        ] <=> [! in_array($b->id, $always, true), $b->maker !== $maker, $b->maker, $b->model]);
        $ids = array_column(array_slice($found, 0, $most), 'id');
        $order = array_flip($ids);

        return self::query()->whereKey($ids)->get()->sortBy(static fn(self $one): int => $order[$one->id])->values();
    }

    /**
     * Whether its title has these words, however they are written: "om220" finds OM-220.
     */
    public function hasWords(string $words): bool
    {
        return self::titleHas($this->title(), $words);
    }

    public static function titleHas(string $title, string $words): bool
    {
        return Folded::search($words)(Folded::text($title));
    }

    protected static function booted(): void
    {
        static::saved(self::forgetNames(...));
        static::deleted(self::forgetNames(...));
    }

    /**
     * After rows were written that no model was made for. Once more when they can be seen by all: somebody who asked meanwhile has
     * remembered the names of before.
     */
    public static function forgetNames(): void
    {
        $keys = [CurrentOrganisation::key(self::NAMES), CurrentOrganisation::key(self::LOOKED_UP)];
        $forget = static fn(): array => array_map(Cache::forget(...), $keys);
        $forget();
        DB::afterCommit($forget);
    }

    protected function casts(): array
    {
        return [
            'rules' => 'object',
            'about' => 'array',
            'created_at' => 'immutable_datetime',
        ];
    }
}
