<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Models\SeatModel;
use Illuminate\Database\Eloquent\Collection;

/** The models of the catalogue that a calculator lets one choose from. */
final readonly class ModelsToChoose
{
    /** More are not looked through as a list: a few letters find the one. */
    public const LISTED = 60;

    private const FOUND = 8;

    /**
     * @param string $words that were typed, where the catalogue is larger than a list
     * @param mixed $chosen number of the one chosen, which stays
     * @return Collection<int, SeatModel> none where the calculator asks for no model
     */
    public static function in(Calculator $calculator, string $words = '', mixed $chosen = null): Collection
    {
        if (! $calculator->asksModel()) {
            return new Collection();
        }
        $always = is_string($chosen) && ctype_digit($chosen) && strlen($chosen) < 19 ? [(int) $chosen] : [];

        return self::isSearched() ? SeatModel::found($words, self::FOUND, null, $always) : SeatModel::inUse()->get();
    }

    public static function isSearched(): bool
    {
        return count(SeatModel::names()) > self::LISTED;
    }
}
