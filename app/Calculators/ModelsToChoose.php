<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Models\SeatModel;
use Illuminate\Database\Eloquent\Collection;

/** The models of the catalogue that a calculator lets one choose from. */
final readonly class ModelsToChoose
{
    /** @return Collection<int, SeatModel> none where the calculator asks for no model */
    public static function in(Calculator $calculator): Collection
    {
        return $calculator->asksModel() ? SeatModel::inUse()->get() : new Collection();
    }
}
