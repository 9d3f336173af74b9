<?php

declare(strict_types=1);

namespace App\Console;

use MintBuckle\Core\CaseFile\Problem;

/** JSON on standard output, every problem on standard error. */
trait WritesJson
{
    private const NOT_VALID = 2;

    /** @param array<string, mixed> $answer */
    private static function json(array $answer, int $flags): string
    {
        return json_encode(
            $answer,
            $flags | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE,
        );
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
