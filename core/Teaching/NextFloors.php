<?php

declare(strict_types=1);

namespace MintBuckle\Core\Teaching;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\Months;

/** What law and practice want before a change, whatever a seat's maker says. */
final readonly class NextFloors
{
    /** Rear-facing under one year; common practice, and labels. */
    private const FORWARD_FROM = 12;

    /** About 4 ft 9 in; common practice. */
    private const BELT_FITS_AT_CM = 145;

    /** Behind the front row under 13 years; AAP 2018. */
    private const FRONT_FROM = 156;

    /** @return list<array{Months|Mass|Length, string, Source}> figure, the layer it is from, source */
    public static function of(NextKind $kind, AssessmentContext $s): array
    {
        [$law, $practice] = [$s->case->law, $s->practice];
        $rows = match ($kind) {
            //                        figure                               from                source
            NextKind::TurnForward => [
                [Months::of(self::FORWARD_FROM),  'default',          Source::Common],
                [$law->rearFacingUntilMonths,     'law',              Source::LocalLaw],
                [$law->rearFacingUntilWeight,     'law',              Source::LocalLaw],
            ],
            NextKind::Raised, NextKind::NoBack => [
                [$practice->boosterFrom,          $practice->layer(), Source::Common],
                [$practice->boosterWeight,        $practice->layer(), Source::Common],
                [$law->boosterFromMonths,         'law',              Source::LocalLaw],
            ],
            NextKind::BeltAlone => [
                [self::beltFits(),                'default',          Source::Common],
                [$law->boosterUntilMonths,        'law',              Source::LocalLaw],
            ],
            NextKind::FrontSeat => [
                [self::front(),                   'default',          Source::Paediatricians],
                [$law->backRowUntilMonths,        'law',              Source::LocalLaw],
            ],
        };
        $floors = [];
        foreach ($rows as [$figure, $from, $source]) {
            if ($figure !== null) {
                $floors[] = [$figure, $from, $source];
            }
        }

        return $floors;
    }

    public static function beltFits(): Length
    {
        return Length::of(self::BELT_FITS_AT_CM, LengthUnit::Centimetre);
    }

    public static function front(): Months
    {
        return Months::of(self::FRONT_FROM);
    }
}
