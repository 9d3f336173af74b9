<?php

declare(strict_types=1);

namespace MintBuckle\Core\Wedge;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Fit\ReclineReading;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;

/**
 * What lifts a too upright rear-facing seat at the crease: the lift that gains the missing angle over the base, and the smallest
 * stack of noodles that reaches the range without passing it; a rolled towel of that lift when none does. Common practice; the
 * share a noodle keeps when squeezed is from memory.
 */
final readonly class WedgeSize
{
    /** Outer diameter of a noodle, 2.5 in. */
    public const NOODLE_MM = 63.5;

    /** What a noodle keeps of its diameter under a seat. */
    public const SQUEEZED = 0.8;

    /** Between these lies what noodles were seen to keep; from memory. */
    public const LEAST_SQUEEZED = 0.5;

    public const MOST_SQUEEZED = 0.9;

    /** Where the seat's maker gives no range: for sizing only, never to pass a seat. Degrees from the vertical. */
    private const SITTING = [30.0, 45.0];

    private const NOT_SITTING = [40.0, 45.0];

    /** @param string $stack one_noodle, three_noodles or towel */
    private function __construct(public Length $lift, public string $stack, public Angle $gain) {}

    /** Null unless the seat is known to be too upright by a known angle, on level ground, and its maker allows a wedge. */
    public static function of(AssessmentContext $s): ?self
    {
        $reading = ReclineReading::of($s);
        $base = $s->seat?->baseLength?->base()->toFloat();
        $angle = $reading->angle?->base()->toFloat();
        if (
            ! $s->isRear()
            || $s->setup()->levelGround !== true
            || $s->seat?->wedgeOk !== true
            || $angle === null
            || $base === null
            || $reading->tooUprightIsFault($s) !== Truth::Yes
        ) {
            return null;
        }
        $fallback = $s->child->sitsUnaided === true ? self::SITTING : self::NOT_SITTING;
        // With neither a range nor an indicator's word, the handbook's range sizes a wedge; it never passes a seat.
        $unread = ! $reading->mayHaveRange && $s->setup()->indicator === null;
        $missing = ($reading->min?->value->base()->toFloat() ?? $fallback[0]) - $angle;
        $room = ($reading->max?->value->base()->toFloat() ?? $fallback[1]) - $angle;

        return $missing <= 0 || ! ($reading->isTooUpright() || $unread) ? null : self::smallest($base, $missing, $room);
    }

    /** What to lay in the crease, for a sentence. */
    public function told(): Message
    {
        return $this->stack === 'towel' ? new Message('wedge.towel_high', ['lift' => $this->lift]) : new Message("wedge.{$this->stack}");
    }

    /**
     * Degrees that a stack under the crease gains over a base of this length.
     *
     * @param int $noodles one, or three taped in a triangle; two side by side are no higher than one
     * @param float $squeezed what a noodle keeps of its diameter, LEAST_SQUEEZED to MOST_SQUEEZED
     * @param float $noodleMm outer diameter, where it was measured
     */
    public static function gain(float $baseMm, int $noodles, float $squeezed = self::SQUEEZED, float $noodleMm = self::NOODLE_MM): float
    {
        $r = $squeezed * $noodleMm / 2;
        [$x, $y] = $noodles === 3 ? [$baseMm - 2 * $r, $r * (1 + sqrt(3))] : [$baseMm - $r, $r];

        return rad2deg(atan2($y, $x) + asin($r / hypot($x, $y)));
    }

    private static function smallest(float $base, float $missing, float $room): self
    {
        $lift = self::length($base * sin(deg2rad($missing)));
        foreach ([1 => 'one_noodle', 3 => 'three_noodles'] as $noodles => $stack) {
            $gain = self::gain($base, $noodles);
            if ($gain >= $missing && $gain <= $room) {
                return new self($lift, $stack, self::angle($gain));
            }
        }

        return new self($lift, 'towel', self::angle($missing));
    }

    private static function length(float $mm): Length
    {
        return Length::of(number_format($mm, 4, '.', ''));
    }

    private static function angle(float $degrees): Angle
    {
        return Angle::of(number_format($degrees, 4, '.', ''));
    }
}
