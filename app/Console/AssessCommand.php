<?php

declare(strict_types=1);

namespace App\Console;

use App\Words\Languages;
use Illuminate\Console\Command;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Rulebook;
use MintBuckle\Present\Words\AssessmentWriter;
use MintBuckle\Present\Words\Teller;

/** A case file in, an assessment out; needs no database. Exit 0: assessed. Exit 2: not a valid case. */
final class AssessCommand extends Command
{
    use SpeaksJson;

    protected $signature = 'buckle:assess {file? : a case file, or - for standard input} {--lines : one case per input line, one answer '
        . 'per output line} {--lang=en : the language of its sentences}';

    protected $description = 'Assess a case file';

    public function handle(Rulebook $rulebook, Languages $languages): int
    {
        $teller = $this->teller($languages);
        $stream = $teller === null ? null : $this->openInput();
        if ($teller === null || $stream === null) {
            return self::NOT_VALID;
        }

        return $this->option('lines')
            ? $this->lines($stream, $rulebook, $teller)
            : $this->one((string) stream_get_contents($stream, 2 * 1_048_576), $rulebook, $teller);
    }

    private function one(string $json, Rulebook $rulebook, Teller $teller): int
    {
        try {
            $assessment = AssessmentWriter::toArray(Assessor::assess(Reader::read($json), $rulebook), $teller);
        } catch (InvalidCase $e) {
            return $this->refuse($e->problems);
        }
        fwrite(STDOUT, self::json($assessment, JSON_PRETTY_PRINT) . "\n");

        return self::SUCCESS;
    }

    /** @param resource $stream */
    private function lines($stream, Rulebook $rulebook, Teller $teller): int
    {
        while (($line = fgets($stream)) !== false) {
            try {
                $answer = AssessmentWriter::toArray(Assessor::assess(Reader::read($line), $rulebook), $teller);
            } catch (InvalidCase $e) {
                $answer = [
                    'errors' => array_map(static fn(Problem $p): array => ['path' => $p->path, 'message' => $p->message], $e->problems),
                ];
            }
            fwrite(STDOUT, self::json($answer, 0) . "\n");
        }

        return self::SUCCESS;
    }
}
