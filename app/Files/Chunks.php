<?php

declare(strict_types=1);

namespace App\Files;

use Generator;

/** A file in pieces, so that memory never holds all of it. */
final readonly class Chunks
{
    private const BYTES = 65_536;

    /**
     * @param resource $stream
     * @return Generator<int, string>
     */
    public static function of($stream): Generator
    {
        while (($chunk = fread($stream, self::BYTES)) !== false && $chunk !== '') {
            yield $chunk;
        }
    }
}
