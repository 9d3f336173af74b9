<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\SeatModel;
use App\Units;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Database\Eloquent\Builder;
use MintBuckle\Core\Catalogue\SeatKind;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Recall\Folded;

/** The catalogue as it is looked through: by words, kind and way of riding, a page at a time, each model with its limits at a glance. */
final readonly class SeatList
{
    private const A_PAGE = 24;

    /** @param LengthAwarePaginator<int, SeatModel> $models */
    private function __construct(
        public string $words,
        public ?SeatKind $kind,
        public ?ModeName $ride,
        public Units $units,
        public LengthAwarePaginator $models,
    ) {}

    public static function of(string $words, ?SeatKind $kind, ?ModeName $ride, Units $units): self
    {
        $found = SeatModel::inUse()
            ->when($kind !== null, static fn(Builder $models): Builder => $models->where('kind', $kind?->value))
            ->when($ride !== null, static fn(Builder $models): Builder => $models->whereRaw('rules->\'modes\' ?? ?', [$ride?->value]))
            ->when($words !== '', static fn(Builder $models): Builder => $models->whereIntegerInRaw('id', self::ids($words)));

        return new self($words, $kind, $ride, $units, $found->paginate(self::A_PAGE)->withQueryString());
    }

    public function isFiltered(): bool
    {
        return $this->words !== '' || $this->kind !== null || $this->ride !== null;
    }

    public function glance(SeatModel $model): Glance
    {
        return Glance::of($model->rules);
    }

    /** @return list<int> */
    private static function ids(string $words): array
    {
        $has = Folded::search($words);

        return array_column(array_filter(SeatModel::names(), static fn(object $one): bool => $has($one->folded)), 'id');
    }
}
