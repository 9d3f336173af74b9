<?php

declare(strict_types=1);

namespace MintBuckle\Core\Calendar;

use MintBuckle\Core\Quantity\Months;

/** Age in completed months. A month is completed on the birth day's number or, where the month lacks it, on the 1st of the next. */
final readonly class Age
{
    public static function on(CalendarDate $today, CalendarDate $born): Months
    {
        $months = ($today->year - $born->year) * 12 + $today->month - $born->month;

        return Months::of($today->day < $born->day ? $months - 1 : $months);
    }
}
