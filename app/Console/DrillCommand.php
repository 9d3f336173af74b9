<?php

declare(strict_types=1);

namespace App\Console;

use App\Practice\DemoStock;
use App\Practice\SeededDice;
use Illuminate\Console\Command;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\Drill\DrillMaker;
use MintBuckle\Core\Drill\DrillWeights;
use MintBuckle\Core\Rulebook;

/** A set-up to be looked through, and its key; needs no database. The same seed and level print the same. Exit 2: no such level or seed. */
final class DrillCommand extends Command
{
    use WritesJson;

    protected $signature = 'buckle:drill {--seed=1 : a whole number; the same one makes the same drill} {--level=1 : how many errors, 1 '
        . 'to 4}';

    protected $description = 'Make a set-up with errors to be found';

    public function handle(): int
    {
        $seed = filter_var($this->option('seed'), FILTER_VALIDATE_INT);
        $level = filter_var($this->option('level'), FILTER_VALIDATE_INT);
        $problems = array_values(array_filter([
            $seed === false ? new Problem('--seed', 'must be a whole number') : null,
            in_array($level, range(1, DrillMaker::LEVELS), true) ? null : new Problem('--level', 'must be 1 to ' . DrillMaker::LEVELS),
        ]));
        if ($problems !== []) {
            return $this->refuse($problems);
        }
        $drill = (new DrillMaker(DemoStock::read(), new SeededDice((int) $seed)))->make(max(1, min(DrillMaker::LEVELS, (int) $level)));
        fwrite(STDOUT, self::json([
            'case' => $drill->case,
            'good' => $drill->good,
            'faults' => $drill->faults,
            'weights' => DrillWeights::all(Rulebook::current()),
        ], JSON_PRETTY_PRINT) . "\n");

        return self::SUCCESS;
    }
}
