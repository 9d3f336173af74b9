<?php

declare(strict_types=1);

namespace MintBuckle\Core\Crew;

/** Who a checkup event needs, by the handbook's section 1: common practice, changed freely. */
final readonly class CrewSize
{
    /** One senior checker looks after so many technicians at most. */
    public const TECHNICIANS_A_SENIOR = 4;

    public const MINUTES_A_SEAT = 30;

    public static function seniors(int $technicians): int
    {
        return (int) ceil($technicians / self::TECHNICIANS_A_SENIOR);
    }

    /** Seats that so many technicians look at while it is open: technicians times open minutes over minutes a seat. */
    public static function seats(int $technicians, int $openMinutes, int $minutesASeat): int
    {
        return intdiv($technicians * $openMinutes, $minutesASeat);
    }
}
