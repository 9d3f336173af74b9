<?php

declare(strict_types=1);

namespace App\Console;

use App\Accounts\GiveLink;
use App\Accounts\Role;
use App\Models\User;
use Illuminate\Console\Command;

/** The one who lets everybody else in: only where nobody is yet, and by a link that opens once. */
final class FirstCoordinatorCommand extends Command
{
    protected $signature = 'buckle:first-coordinator {name : as it is shown beside what they write} {--login=coordinator}';

    protected $description = 'Make the first coordinator of an empty installation, and the link by which they choose their password';

    public function handle(GiveLink $give): int
    {
        $login = (string) $this->option('login');
        $waiting = User::query()->firstWhere('login', $login);
        if (User::query()->whereNotNull('password')->exists() || ($waiting === null && User::query()->exists())) {
            $this->error('There are people already: a coordinator lets others in.');

            return self::FAILURE;
        }
        $person = $waiting ?? User::query()->create([
            'login' => $login,
            'name' => (string) $this->argument('name'),
            'role' => Role::Coordinator,
        ]);
        $this->line('/welcome/' . $give($person, null));

        return self::SUCCESS;
    }
}
