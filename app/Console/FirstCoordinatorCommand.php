<?php

declare(strict_types=1);

namespace App\Console;

use App\Accounts\GiveLink;
use App\Accounts\KeepPerson;
use App\Accounts\Role;
use App\Accounts\TakenLogin;
use App\Models\User;
use Illuminate\Console\Command;

/** The one who lets everybody else in: only where nobody is yet, and by a link that opens once. */
final class FirstCoordinatorCommand extends Command
{
    use EntersOrganisation;

    protected $signature = 'buckle:first-coordinator {name : as it is shown beside what they write} {--login=coordinator} '
        . '{--organisation= : its number, where there are several}';

    protected $description = 'Make the first coordinator of an empty installation, and the link by which they choose their password';

    public function handle(GiveLink $give, KeepPerson $keep): int
    {
        if (! $this->hasEntered()) {
            return self::FAILURE;
        }
        $login = (string) $this->option('login');
        $waiting = User::query()->firstWhere('login', $login);
        if (User::query()->whereNotNull('password')->exists() || ($waiting === null && User::query()->exists())) {
            $this->error('There are people already: a coordinator lets others in.');

            return self::FAILURE;
        }
        try {
            $person = $waiting ?? $keep->invited([
                'login' => $login,
                'name' => (string) $this->argument('name'),
                'role' => Role::Coordinator,
            ]);
        } catch (TakenLogin) {
            $this->error('Somebody signs in by that name already: choose another by --login=');

            return self::FAILURE;
        }
        $this->line('/welcome/' . $give($person, null));

        return self::SUCCESS;
    }
}
