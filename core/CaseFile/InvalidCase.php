<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use RuntimeException;

/** The text is not a valid case; carries every problem found. */
final class InvalidCase extends RuntimeException
{
    /** @param non-empty-list<Problem> $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(implode("\n", array_map(static fn(Problem $p): string => $p->toString(), $problems)));
    }
}
