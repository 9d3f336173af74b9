<?php

declare(strict_types=1);

namespace MintBuckle\Core\Report;

/** Spans of minutes in which times are counted: each from its least minute to below the next, the last without an end. */
final readonly class Spans
{
    /** Of a seat: half an hour is planned for each (handbook, section 1; common practice). */
    public const OF_A_SEAT = [0, 10, 20, 30, 40, 60];

    public const OF_A_WAIT = [0, 10, 20, 30, 60];

    private const MINUTE = 60;

    /**
     * The span that so many seconds fall in, by its least minute.
     *
     * @param non-empty-list<int> $spans
     */
    public static function of(int $seconds, array $spans): string
    {
        $least = $spans[0];
        foreach ($spans as $from) {
            $least = $seconds >= $from * self::MINUTE ? $from : $least;
        }

        return (string) $least;
    }
}
