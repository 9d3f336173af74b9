<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Before the one worker of the queue begins: what is marked as being worked on was left by one that was killed, and waits again. */
final class TakeOverCommand extends Command
{
    protected $signature = 'buckle:take-over';

    protected $description = 'Let work that a killed worker left wait again';

    public function handle(): int
    {
        DB::table('jobs')->whereNotNull('reserved_at')->update(['reserved_at' => null]);

        return self::SUCCESS;
    }
}
