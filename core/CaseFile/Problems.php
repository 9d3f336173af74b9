<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

/** Collects what is wrong while a case is read, so that the writer of the file hears everything at once. */
final class Problems
{
    /** @var list<Problem> */
    private array $found = [];

    public function add(string $path, string $message): void
    {
        $this->found[] = new Problem($path === '' ? '(file)' : $path, $message);
    }

    /** @throws InvalidCase when anything was wrong */
    public function stopIfAny(): void
    {
        if ($this->found !== []) {
            throw new InvalidCase($this->found);
        }
    }
}
