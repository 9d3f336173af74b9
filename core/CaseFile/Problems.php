<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Telling\Message;

/** Collects what is wrong while a case is read, so that the writer of the file hears everything at once. */
final class Problems
{
    /** Where what is wrong is no single value. */
    public const FILE = '(file)';

    /** @var list<Problem> */
    private array $found = [];

    /**
     * Always null, so that a reader can end with it.
     *
     * @param Message|null $told the same for whoever entered it on a screen, in their language and units; null where only a file can be so
     */
    public function add(string $path, string $message, ?Message $told = null): null
    {
        $this->found[] = new Problem($path === '' ? self::FILE : $path, $message, $told);

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
