<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

/** One thing wrong with a case: where, and what. */
final readonly class Problem
{
    public function __construct(public string $path, public string $message) {}

    public function toString(): string
    {
        return $this->path . ': ' . $this->message;
    }
}
