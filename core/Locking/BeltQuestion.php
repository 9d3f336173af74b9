<?php

declare(strict_types=1);

namespace MintBuckle\Core\Locking;

use MintBuckle\Core\Facts\LatchPlate;
use MintBuckle\Core\Facts\Retractor;

/** One question of the tree. */
final readonly class BeltQuestion
{
    /**
     * @param non-empty-array<string, Retractor|LatchPlate|string|null> $answers what each leads to: hardware, the next question's name, or
     *                                                                           null: see the vehicle's manual
     */
    public function __construct(public string $question, public array $answers) {}
}
