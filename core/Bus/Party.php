<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

/** Restrained riders for whom the same places are open in the same way. */
final readonly class Party
{
    /**
     * @param array<int, list<Shape>> $shapes bench => how one of them may ride there
     * @param list<int> $riders their numbers
     */
    public function __construct(public array $shapes, public bool $facesRear, public array $riders) {}
}
