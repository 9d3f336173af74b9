<?php

declare(strict_types=1);

namespace App\Console;

use App\Organisations\CurrentOrganisation;
use App\Organisations\Door;

/** A command that works for one organisation: the only one, or that of `--organisation`. */
trait EntersOrganisation
{
    private function hasEntered(): bool
    {
        $number = $this->option('organisation');
        $entered = is_string($number)
            ? preg_match('/\A\d{1,18}\z/', $number) === 1 && resolve(CurrentOrganisation::class)->enter(Door::Organisation, $number)
            : resolve(CurrentOrganisation::class)->enter(Door::Only);
        if (! $entered) {
            fwrite(STDERR, is_string($number)
                ? "There is no organisation of number {$number}.\n"
                : "Say which organisation: --organisation=NUMBER\n");
        }

        return $entered;
    }
}
