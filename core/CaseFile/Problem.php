<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Telling\Message;

/** One thing wrong with a case: where, and what. */
final readonly class Problem
{
    /**
     * @param string $message for whoever wrote the file
     * @param Message|null $told the same for whoever entered it on a screen
     */
    public function __construct(public string $path, public string $message, private ?Message $told = null) {}

    /** In the reader's language and units, as far as a person can cause it. */
    public function told(): Message
    {
        return $this->told ?? new Message('problems.as_said', ['problem' => $this->message]);
    }

    public function toString(): string
    {
        return $this->path . ': ' . $this->message;
    }
}
