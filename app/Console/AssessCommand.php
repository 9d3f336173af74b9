<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\CaseFile\Reading\InvalidCase;
use MintBuckle\Core\CaseFile\Reading\Problem;
use MintBuckle\Core\CaseFile\Reading\Reader;
use MintBuckle\Core\Finding\AssessmentWriter;
use MintBuckle\Core\Rulebook;

/** A case file in, an assessment out; needs no database. Exit 0: assessed. Exit 2: not a valid case. */
final class AssessCommand extends Command
{
    private const NOT_VALID = 2;

    protected $signature = 'buckle:assess {file? : a case file, or - for standard input} {--lines : one case per input line, one answer per output line}';

    protected $description = 'Assess a case file';

    public function handle(Rulebook $rulebook): int
    {
        $file = $this->argument('file') ?? '-';
        $stream = @fopen($file === '-' ? 'php://stdin' : $file, 'rb');
        if ($stream === false || ($file !== '-' && is_dir($file))) {
            return $this->refuse([new Problem('(file)', "cannot be read: {$file}")]);
        }

        return $this->option('lines') ? $this->lines($stream, $rulebook) : $this->one((string) stream_get_contents($stream, 2 * 1_048_576), $rulebook);
    }

    private function one(string $json, Rulebook $rulebook): int
    {
        try {
            $assessment = AssessmentWriter::toArray(Assessor::assess(Reader::read($json), $rulebook));
        } catch (InvalidCase $e) {
            return $this->refuse($e->problems);
        }
        fwrite(STDOUT, self::json($assessment, JSON_PRETTY_PRINT) . "\n");

        return self::SUCCESS;
    }

    /** @param resource $stream */
    private function lines($stream, Rulebook $rulebook): int
    {
        while (($line = fgets($stream)) !== false) {
            try {
                $answer = AssessmentWriter::toArray(Assessor::assess(Reader::read($line), $rulebook));
            } catch (InvalidCase $e) {
                $answer = ['errors' => array_map(static fn(Problem $p): array => ['path' => $p->path, 'message' => $p->message], $e->problems)];
            }
            fwrite(STDOUT, self::json($answer, 0) . "\n");
        }

        return self::SUCCESS;
    }

    /** @param array<string, mixed> $answer */
    private static function json(array $answer, int $flags): string
    {
        return json_encode($answer, $flags | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    /** @param non-empty-list<Problem> $problems */
    private function refuse(array $problems): int
    {
        foreach ($problems as $problem) {
            fwrite(STDERR, $problem->toString() . "\n");
        }

        return self::NOT_VALID;
    }
}
