<?php

declare(strict_types=1);

namespace MintBuckle\Core\Locking;

use MintBuckle\Core\Telling\Message;

/** One question of the tree. */
final readonly class BeltQuestion
{
    /** @param non-empty-list<BeltAnswer> $answers */
    public function __construct(public string $name, public array $answers) {}

    public function question(): Message
    {
        return new Message("locking.tree.{$this->name}.question");
    }
}
