<?php

declare(strict_types=1);

namespace App\Checks;

/** Whose hands the installation card leads: the technician's, or the family's as they show it back. */
enum StepPerformer: string
{
    case Technician = 'technician';
    case Family = 'family';
}
