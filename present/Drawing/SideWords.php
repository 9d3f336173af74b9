<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Indicator;
use MintBuckle\Core\Facts\Wedge;
use MintBuckle\Core\Fit\ReclineReading;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Wedge\WedgeSize;

/** What SeatSide draws, in words. */
final readonly class SideWords
{
    private const STACKS = [
        'one_noodle' => 'one noodle',
        'three_noodles' => 'three noodles taped in a triangle',
        'towel' => 'a rolled towel',
    ];

    /** @return list<string> */
    public static function of(AssessmentContext $s, ReclineReading $reading, ?WedgeSize $wedge, ?LengthUnit $unit): array
    {
        $setup = $s->setup();

        return array_values(array_filter([
            $s->isRear() ? match ($setup->indicator) {
                null => 'The recline indicator has not been read.',
                Indicator::InZone => 'The recline indicator stands in its zone.',
                Indicator::TooUpright => 'The recline indicator says too upright.',
                Indicator::TooFlat => 'The recline indicator says too flat.',
            } : null,
            $reading->angle === null ? null : "The back of the shell leans {$reading->angle->show()} from the vertical.",
            $reading->min === null || $reading->max === null
                ? null
                : "The seat allows {$reading->min->value->show()} to {$reading->max->value->show()}.",
            $setup->overhang === null
                ? 'The overhang has not been measured.'
                : "The base hangs {$setup->overhang->show($unit)} over the cushion's edge.",
            match ($setup->wedge) {
                null => null,
                Wedge::None => 'Nothing lies under the seat.',
                Wedge::Noodle => 'A noodle lies under the seat.',
                Wedge::Towel => 'A towel lies under the seat.',
            },
            $wedge === null
                ? null
                : "To gain what is missing, lift the crease by {$wedge->lift->show($unit)}: " . self::STACKS[$wedge->stack]
                    . " gives {$wedge->gain->show()}.",
            match ($setup->tether->used) {
                null => null,
                true => 'The tether is hooked on.',
                false => 'The tether is not used.',
            },
        ]));
    }
}
