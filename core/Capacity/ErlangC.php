<?php

declare(strict_types=1);

namespace MintBuckle\Core\Capacity;

use Brick\Math\BigRational;

/**
 * How likely whoever arrives has to wait where several serve one line: A. K. Erlang's second formula, arrivals by chance and service
 * times of a long tail (M/M/c). By the recursion of what is one over Erlang's first formula, which only adds and multiplies what is
 * positive, so that no figure is lost however many serve: I(0) = 1, I(k) = 1 + k/a · I(k−1), and C = c / ((c − a) · I(c) + a).
 */
final readonly class ErlangC
{
    /**
     * @param int $servers c, at least one
     * @param float $offered a, the mean number at work at once; less than c
     */
    public static function probability(int $servers, float $offered): float
    {
        return $servers / (($servers - $offered) * self::inverse($servers, $offered) + $offered);
    }

    /** The same without any rounding, for what is compared with a limit. */
    public static function exactly(int $servers, BigRational $offered): BigRational
    {
        $inverse = BigRational::one();
        for ($k = 1; $k <= $servers; $k++) {
            $inverse = $inverse->multipliedBy($k)->dividedBy($offered)->plus(1);
        }

        return BigRational::of($servers)->dividedBy($offered->minus($servers)->negated()->multipliedBy($inverse)->plus($offered));
    }

    /** One over the share that would be turned away if nobody could wait; endless where that share is too small to be told. */
    private static function inverse(int $servers, float $offered): float
    {
        $inverse = 1.0;
        for ($k = 1; $k <= $servers; $k++) {
            $inverse = 1.0 + $k / $offered * $inverse;
        }

        return $inverse;
    }
}
