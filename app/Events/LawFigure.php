<?php

declare(strict_types=1);

namespace App\Events;

/** A floor that the law sets where families drive, by its column of an event. */
enum LawFigure: string
{
    case RearMonths = 'law_rear_facing_until_months';
    case RearWeight = 'law_rear_facing_until_weight';
    case BoosterFrom = 'law_booster_from_months';
    case BoosterUntil = 'law_booster_until_months';
    case BackRow = 'law_back_row_until_months';

    public const MOST_MONTHS = 216;

    public const MOST_WEIGHT = 200;

    public function isWeight(): bool
    {
        return $this === self::RearWeight;
    }

    /** @return string the words' key */
    public function unit(): string
    {
        return $this->isWeight() ? 'events.law.weight' : 'events.law.months';
    }

    /** @return list<string> */
    public function rules(): array
    {
        return $this->isWeight()
            ? ['nullable', 'decimal:0,3', 'gt:0', 'max:' . self::MOST_WEIGHT]
            : ['nullable', 'integer', 'between:1,' . self::MOST_MONTHS];
    }
}
