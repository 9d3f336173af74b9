<?php

declare(strict_types=1);

namespace App\Words;

use App\Units;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Present\Words\Teller;

/** Who tells the words of a request: in its reader's language and units. */
final readonly class Telling
{
    private const KEPT = 'mint_buckle_teller';

    public static function now(): Teller
    {
        $request = request();
        $known = $request->attributes->get(self::KEPT);
        if (! $known instanceof Teller) {
            $units = Units::remembered($request->cookie(Units::COOKIE));
            $known = self::in(app()->getLocale(), $units);
            $request->attributes->set(self::KEPT, $known);
        }

        return $known;
    }

    public static function in(string $language, Units $units): Teller
    {
        $languages = resolve(Languages::class);

        return $languages->teller($languages->has($language) ? $language : Languages::FIRST)->in(
            $units === Units::Imperial ? LengthUnit::Inch : LengthUnit::Millimetre,
            $units === Units::Imperial ? MassUnit::Pound : MassUnit::Kilogram,
        );
    }
}
