<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\SeatModel;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Database\Eloquent\Builder;
use MintBuckle\Core\Catalogue\SeatKind;
use MintBuckle\Core\Facts\ModeName;

/** The catalogue as it is looked through: by words, kind and way of riding, a page at a time, each model with its limits at a glance. */
final readonly class SeatList
{
    private const A_PAGE = 24;

    /** @param LengthAwarePaginator<int, SeatModel> $models */
    private function __construct(
        public string $words,
        public ?SeatKind $kind,
        public ?ModeName $ride,
        public LengthAwarePaginator $models,
    ) {}

    public static function of(string $words, ?SeatKind $kind, ?ModeName $ride): self
    {
        $found = SeatModel::inUse()
            ->when($kind !== null, static fn(Builder $models): Builder => $models->where('kind', $kind?->value))
            ->when($ride !== null, static fn(Builder $models): Builder => $models->whereRaw('rules->\'modes\' ?? ?', [$ride?->value]))
            ->when($words !== '', static fn(Builder $models): Builder => $models->whereIntegerInRaw('id', SeatModel::idsOf($words)));

        return new self($words, $kind, $ride, $found->paginate(self::A_PAGE)->withQueryString());
    }

    public function isFiltered(): bool
    {
        return $this->words !== '' || $this->kind !== null || $this->ride !== null;
    }

    public function glance(SeatModel $model): Glance
    {
        return Glance::of($model->rules);
    }
}
