<?php

declare(strict_types=1);

namespace App\Accounts;

/** What a person does on a day. */
enum Role: string
{
    case Technician = 'technician';
    case Senior = 'senior';
    case Coordinator = 'coordinator';

    public function title(): string
    {
        return ucfirst($this->value);
    }
}
