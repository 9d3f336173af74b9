<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Fit\ReclineReading;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Wedge\WedgeSize;

/** What SeatSide draws, in words. */
final readonly class SideWords
{
    /** @return list<Message> */
    public static function of(AssessmentContext $s, ReclineReading $reading, ?WedgeSize $wedge): array
    {
        $setup = $s->setup();

        return [
            ...($s->isRear() ? [new Message('drawings.side.indicator', ['indicator' => $setup->indicator ?? 'unknown'])] : []),
            ...($reading->angle === null ? [] : [new Message('drawings.side.angle', ['angle' => $reading->angle])]),
            ...($reading->min === null || $reading->max === null ? [] : [new Message(
                'drawings.side.range',
                ['min' => $reading->min->value, 'max' => $reading->max->value],
            )]),
            new Message('drawings.side.overhang', ['overhang' => $setup->overhang, 'known' => $setup->overhang !== null]),
            ...($setup->wedge === null ? [] : [new Message('drawings.side.under', ['wedge' => $setup->wedge])]),
            ...($wedge === null ? [] : [new Message(
                'drawings.side.wedge',
                ['lift' => $wedge->lift, 'stack' => new Message("wedge.{$wedge->stack}"), 'gain' => $wedge->gain],
            )]),
            ...($setup->tether->used === null ? [] : [new Message('drawings.side.tether', ['used' => $setup->tether->used])]),
        ];
    }
}
