<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

/** Collects what is wrong while a case is read, so that the writer of the file hears everything at once. */
final class Problems
{
    /** @var list<Problem> */
    private array $found = [];

    /** Always null, so that a reader can end with it. */
    public function add(string $path, string $message): null
    {
        $this->found[] = new Problem($path === '' ? '(file)' : $path, $message);

        return null;
    }

    /** @throws InvalidCase when anything was wrong */
    public function stopIfAny(): void
    {
        if ($this->found !== []) {
            throw new InvalidCase($this->found);
        }
    }
}
