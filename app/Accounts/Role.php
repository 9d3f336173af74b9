<?php

declare(strict_types=1);

namespace App\Accounts;

use MintBuckle\Core\Telling\Message;

/** What a person does in the organisation. */
enum Role: string
{
    /** Sees what was done; writes nothing. */
    case Reader = 'reader';
    /** Works beside a technician: writes what is seen, signs nothing. */
    case Trainee = 'trainee';
    case Technician = 'technician';
    /** Looks a second time, and answers for up to four technicians. */
    case Senior = 'senior';
    case Coordinator = 'coordinator';

    public function may(Ability $ability): bool
    {
        return match ($ability) {
            Ability::Read, Ability::Learn => true,
            Ability::Record => $this !== self::Reader,
            Ability::Sign, Ability::Publish, Ability::Teach => ! in_array($this, [self::Reader, self::Trainee], true),
            Ability::Manage => $this === self::Coordinator,
        };
    }

    public function title(): Message
    {
        return new Message("accounts.roles.{$this->value}");
    }
}
