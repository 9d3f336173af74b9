<?php

declare(strict_types=1);

namespace App\Console;

use App\Organisations\FoundOrganisation;
use Database\Seeders\EmptySeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** One more organisation in the installation, with what an empty one begins with. Nobody is in it yet, and nobody else sees it. */
final class OrganisationCommand extends Command
{
    protected $signature = 'buckle:organisation {name : as its people see it}';

    protected $description = 'Add an organisation that shares nothing with those that are there but the installation';

    public function handle(FoundOrganisation $found, EmptySeeder $begin): int
    {
        $id = DB::transaction(function () use ($found, $begin): int {
            $id = $found((string) $this->argument('name'));
            $begin->begin();

            return $id;
        });
        $this->line("Organisation {$id}. Its first coordinator:");
        $this->line("php artisan buckle:first-coordinator NAME --login=LOGIN --organisation={$id}");

        return self::SUCCESS;
    }
}
