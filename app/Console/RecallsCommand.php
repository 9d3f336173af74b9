<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\RecallImport;
use App\Models\User;
use App\Recalls\ImportState;
use App\Recalls\MatchAgain;
use App\Recalls\ReadRecallList;
use App\Recalls\TakeRecallList;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Storage;

/** Takes a recall list from the command line, whole or not at all. Exit 0: taken. Exit 2: refused, with every problem. */
final class RecallsCommand extends Command
{
    use EntersOrganisation;

    protected $signature = 'buckle:recalls {file : CSV or JSON} {--dated= : the list\'s date, for CSV} {--organisation=}';

    protected $description = 'Take a recall list';

    public function handle(ReadRecallList $read, TakeRecallList $take, MatchAgain $match): int
    {
        $file = (string) $this->argument('file');
        if (! is_readable($file) || is_dir($file)) {
            fwrite(STDERR, "(file): cannot be read: {$file}\n");

            return 2;
        }
        if (! $this->hasEntered()) {
            return 2;
        }
        $path = 'recalls/' . basename($file) . '.' . getmypid();
        Storage::put($path, (string) file_get_contents($file));
        $import = RecallImport::query()->create([
            'source' => basename($file),
            'path' => $path,
            'dated' => $this->option('dated'),
            'state' => ImportState::Reading,
            'begun_by' => User::query()->orderBy('id')->firstOrFail()->id,
        ]);
        $read($import);
        foreach ($import->problems as $problem) {
            fwrite(STDERR, "{$problem['path']}: {$problem['message']}\n");
        }
        if ($import->state !== ImportState::Ready) {
            return 2;
        }
        $take($import);
        while ($match->goOn($import)) {
            continue;
        }
        fwrite(STDOUT, "{$import->size} campaigns, dated {$import->dated?->toDateString()}, taken.\n");

        return self::SUCCESS;
    }
}
