<?php

declare(strict_types=1);

namespace App\Recalls\Work;

use App\Models\RecallImport;
use App\Recalls\ImportState;
use App\Words\Telling;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Throwable;

/**
 * Long work on a recall list, done by the queue's worker and never by whoever waits for a page. Killed, it is begun again; what was
 * whole by then is not done twice. Given up after several times, the import ends refused and says so.
 */
abstract class ImportWork implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public int $tries = 3;

    /** Seconds; the longest list that is taken needs a fraction of it. */
    public int $timeout = 840;

    public bool $failOnTimeout = true;

    public function __construct(protected readonly int $importId) {}

    public function failed(?Throwable $e): void
    {
        $import = RecallImport::query()->find($this->importId);
        if ($import?->state->isUnderWay() === true) {
            $import->update(['state' => ImportState::Refused, 'problems' => [[
                'path' => $import->source,
                'message' => Telling::now()->word('recalls.given_up'),
            ]]]);
        }
    }

    protected function import(): RecallImport
    {
        return RecallImport::query()->findOrFail($this->importId);
    }
}
