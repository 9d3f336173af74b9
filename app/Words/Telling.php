<?php

declare(strict_types=1);

namespace App\Words;

use App\Units;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Request as RequestAtHand;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Present\Words\Teller;

/** Who tells the words of a request: in its reader's language and units. */
final readonly class Telling
{
    private const KEPT = 'mint_buckle_tellers';

    public static function now(): Teller
    {
        $tellers = self::tellers();

        return $tellers[array_key_last($tellers)];
    }

    /** From here on in another language, in the same units: what a family reads on a technician's screen. */
    public static function begin(string $language): void
    {
        self::request()->attributes->set(self::KEPT, [...self::tellers(), self::in($language, self::units())]);
    }

    /** Back to the language of before. */
    public static function end(): void
    {
        $tellers = self::tellers();
        array_pop($tellers);
        self::request()->attributes->set(self::KEPT, $tellers);
    }

    /** @return non-empty-list<Teller> the reader's own, and above it whatever was begun */
    private static function tellers(): array
    {
        $kept = self::request()->attributes;
        $known = $kept->get(self::KEPT);
        if (is_array($known) && $known !== []) {
            /** @var non-empty-list<Teller> $known */
            return $known;
        }
        $tellers = [self::in(app()->getLocale(), self::units())];
        $kept->set(self::KEPT, $tellers);

        return $tellers;
    }

    private static function units(): Units
    {
        return Units::remembered(self::request()->cookie(Units::COOKIE));
    }

    /** By its facade, which remembers it: a page tells some hundred words, and the container looks for it each time. */
    private static function request(): Request
    {
        $request = RequestAtHand::getFacadeRoot();

        return $request instanceof Request ? $request : request();
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
