<?php

declare(strict_types=1);

namespace MintBuckle\Core\Room;

use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Truth\Truth;

/**
 * Room between a rear-facing seat and the vehicle seat ahead, gained by another allowed handle position, a more upright setting the
 * child may have, or the shell without its base. What leans less reaches less far: a shell of length L gains L (sin now - sin then).
 * Common practice; the seat's manual says which of them is allowed.
 */
final readonly class RoomAhead
{
    /**
     * @param list<RoomGain> $gains greatest first; ways that gain nothing are left out
     * @param Truth $enough whether all of them together gain what is missing
     */
    private function __construct(public array $gains, public Length $together, public Truth $enough) {}

    /**
     * @param Length|null $missing how much room is missing
     * @param Length|null $shell from the bite of the seat to its top, along the back
     * @param Angle|null $now of the shell's back from the vertical
     * @param Angle|null $upright the most upright that seat and child allow
     * @param Length|null $handle how far the carrying handle reaches ahead of the shell now
     * @param Length|null $otherHandle and in another position its maker allows for travel
     * @param Length|null $base how far the base adds to the front
     */
    public static function of(
        ?Length $missing,
        ?Length $shell = null,
        ?Angle $now = null,
        ?Angle $upright = null,
        ?Length $handle = null,
        ?Length $otherHandle = null,
        ?Length $base = null,
    ): self {
        $gains = array_values(array_filter([
            $shell === null || $now === null || $upright === null
                ? null
                : self::gain(
                    'upright',
                    self::leaning($shell, $now)->minus(self::leaning($shell, $upright)),
                ),
            $handle === null || $otherHandle === null
                ? null
                : self::gain(
                    'handle',
                    $handle->minus($otherHandle),
                ),
            $base === null ? null : self::gain('baseless', $base),
        ]));
        usort($gains, static fn(RoomGain $a, RoomGain $b): int => $b->gain->compareTo($a->gain));
        $together = array_reduce($gains, static fn(Length $sum, RoomGain $g): Length => $sum->plus($g->gain), Length::of(0));

        return new self($gains, $together, $missing === null ? Truth::Unknown : Truth::of(! $together->isLessThan($missing)));
    }

    private static function gain(string $way, Length $gain): ?RoomGain
    {
        return $gain->value->isPositive() ? new RoomGain($way, $gain) : null;
    }

    private static function leaning(Length $shell, Angle $angle): Length
    {
        return Length::of(number_format($shell->base()->toFloat() * sin(deg2rad($angle->base()->toFloat())), 4, '.', ''));
    }
}
