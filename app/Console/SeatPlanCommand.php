<?php

declare(strict_types=1);

namespace App\Console;

use App\Words\Languages;
use Illuminate\Console\Command;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\Seating\SeatingPlanner;
use MintBuckle\Core\Seating\SeatingReader;
use MintBuckle\Present\Words\SeatingWriter;
use Psr\Clock\ClockInterface;

/** A seating file in, plans out; needs no database. Exit 0: planned, also when nothing fits. Exit 2: not a valid file. */
final class SeatPlanCommand extends Command
{
    use SpeaksJson;

    protected $signature = 'buckle:seat-plan {file? : a seating file, or - for standard input} {--lang=en : the language of its '
        . 'sentences}';

    protected $description = 'Seat a family in a car';

    public function handle(ClockInterface $clock, Languages $languages): int
    {
        $teller = $this->teller($languages);
        $stream = $teller === null ? null : $this->openInput();
        if ($teller === null || $stream === null) {
            return self::NOT_VALID;
        }
        try {
            $request = SeatingReader::read(
                (string) stream_get_contents($stream, 2 * 1_048_576),
                CalendarDate::parse($clock->now()->format('Y-m-d')),
            );
        } catch (InvalidCase $e) {
            return $this->refuse($e->problems);
        }
        fwrite(STDOUT, self::json(SeatingWriter::toArray(SeatingPlanner::plan($request), $teller), JSON_PRETTY_PRINT) . "\n");

        return self::SUCCESS;
    }
}
