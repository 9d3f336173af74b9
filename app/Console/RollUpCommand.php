<?php

declare(strict_types=1);

namespace App\Console;

use App\Checks\Judge;
use App\Findings\KeepOutcome;
use App\Findings\RollUp;
use App\Models\Check;
use Illuminate\Console\Command;
use MintBuckle\Core\Record\InspectionPhase;

/** The sums of the findings are made again from what was kept of each signed check; a check signed before that was kept is judged now. */
final class RollUpCommand extends Command
{
    use EntersOrganisation;

    private const AT_ONCE = 100;

    protected $signature = 'buckle:roll-up {--organisation= : the number of the one that is meant, where there are several}';

    protected $description = 'Make the sums of the findings again';

    public function handle(Judge $judge, KeepOutcome $keep): int
    {
        if (! $this->hasEntered()) {
            return self::FAILURE;
        }
        $missing = 0;
        $before = Check::query()->whereNotNull('signed_at')->whereNull('outcome')
            ->with(['facts', 'visit.checks', 'visit.event.recallList']);
        $before->chunkById(self::AT_ONCE, static function ($checks) use ($judge, $keep, &$missing): void {
            foreach ($checks as $check) {
                $keep->keep($judge->of($check, InspectionPhase::Left), $check->visit);
                $missing++;
            }
        });
        $sums = RollUp::rebuild();
        $this->line("{$missing} signed checks were judged, {$sums} sums made.");

        return self::SUCCESS;
    }
}
