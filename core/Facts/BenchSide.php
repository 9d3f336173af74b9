<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** A side of the bus, as seen from behind. */
enum BenchSide: string
{
    case Left = 'left';
    case Right = 'right';

    /** 1 or 2, so that both together are 3. */
    public function bit(): int
    {
        return $this === self::Left ? 1 : 2;
    }
}
