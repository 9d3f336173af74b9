<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use stdClass;

/** A JSON number as an exact decimal. */
final readonly class ExactNumber
{
    /** Key of the stand-in object for a number too long for a float; no key of the format starts with a space. */
    public const KEY = ' exact';

    private const MAX_DIGITS = 40;

    /** Null when the value is no number, not finite, or longer than forty digits. */
    public static function from(mixed $value): ?BigDecimal
    {
        if (is_int($value)) {
            return BigDecimal::of($value);
        }
        $text = match (true) {
            is_float($value) && is_finite($value) => json_encode($value),
            $value instanceof stdClass && isset($value->{self::KEY}) => $value->{self::KEY},
            default => null,
        };
        if (! is_string($text) || strlen($text) > self::MAX_DIGITS) {
            return null;
        }
        try {
            return BigDecimal::of($text);
        } catch (MathException) {
            return null;
        }
    }
}
