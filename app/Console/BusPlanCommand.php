<?php

declare(strict_types=1);

namespace App\Console;

use App\Words\Languages;
use Illuminate\Console\Command;
use MintBuckle\Core\Bus\BusPlanner;
use MintBuckle\Core\Bus\BusReader;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Present\Words\BusWriter;

/** A bus file in, plans out; needs no database. Exit 0: planned, also when nothing fits. Exit 2: not a valid file. */
final class BusPlanCommand extends Command
{
    use SpeaksJson;

    protected $signature = 'buckle:bus-plan {file? : a bus file, or - for standard input} {--lang=en : the language of its '
        . 'sentences}';

    protected $description = 'Seat the riders of a school bus';

    public function handle(Languages $languages): int
    {
        $teller = $this->teller($languages);
        $stream = $teller === null ? null : $this->openInput();
        if ($teller === null || $stream === null) {
            return self::NOT_VALID;
        }
        try {
            $request = BusReader::read((string) stream_get_contents($stream, 2 * 1_048_576));
        } catch (InvalidCase $e) {
            return $this->refuse($e->problems);
        }
        fwrite(STDOUT, self::json(BusWriter::toArray(BusPlanner::plan($request), $teller), JSON_PRETTY_PRINT) . "\n");

        return self::SUCCESS;
    }
}
