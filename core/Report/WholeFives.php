<?php

declare(strict_types=1);

namespace MintBuckle\Core\Report;

use InvalidArgumentException;

/**
 * Counts that leave the organisation, in whole fives: what is left over of one event is carried on to the next, so that a sum over events
 * that follow each other is never further than four from the truth, and no event's own figure says more than that. Fives: cells under
 * five are not told (handbook, section 13). The way of rounding is this project's own.
 *
 * An event's figures are made once and never again, and every figure that leaves is a sum of such: whatever is added or subtracted, no
 * more comes out than what each of them said. Where a stream begins is drawn, so that even the first says nothing exact.
 */
final readonly class WholeFives
{
    public const STEP = 5;

    /** So far a sum of events that follow each other can be from the truth. */
    public const OFF_BY = self::STEP - 1;

    /**
     * The figure of an event.
     *
     * @param int $before true counts of the events of its stream before it
     * @param int $count its own true count
     * @param int $offset where the stream begins, 0 to 4
     */
    public static function of(int $before, int $count, int $offset): int
    {
        if ($before < 0 || $count < 0 || $offset < 0 || $offset >= self::STEP) {
            throw new InvalidArgumentException('counts are whole numbers from 0 on, an offset is below five');
        }

        return self::STEP * (intdiv($before + $count + $offset, self::STEP) - intdiv($before + $offset, self::STEP));
    }

    /** Whether such a sum is sure to stand for five or more: then it is told. */
    public static function mayBeTold(int $sum, int $runs): bool
    {
        return $sum - $runs * self::OFF_BY >= self::STEP;
    }
}
