<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\User;
use App\Organisations\CurrentOrganisation;
use App\Organisations\Door;
use Illuminate\Console\Command;

/** Sets the PIN with which a person signs on somebody else's device. */
final class PinCommand extends Command
{
    protected $signature = 'buckle:pin {login : the name the person signs in with}';

    protected $description = 'Set the PIN with which a person signs a check on somebody else\'s device';

    public function handle(CurrentOrganisation $organisation): int
    {
        $organisation->enter(Door::Login, (string) $this->argument('login'));
        $person = User::query()->firstWhere('login', $this->argument('login'));
        if (! $person instanceof User) {
            $this->error('Nobody signs in by that name.');

            return self::FAILURE;
        }
        $pin = $this->secret('PIN, four to eight digits');
        if (! is_string($pin) || preg_match('/\A\d{4,8}\z/', $pin) !== 1) {
            $this->error('A PIN has four to eight digits.');

            return self::FAILURE;
        }
        $person->update(['pin' => $pin]);
        $this->info("{$person->name} can sign with it now.");

        return self::SUCCESS;
    }
}
