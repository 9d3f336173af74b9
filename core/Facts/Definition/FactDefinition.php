<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

/** A fact of the case file: the field that defines it, and where it stands. */
final readonly class FactDefinition
{
    /**
     * @param string $path dotted; a star stands for the index or key of an entry
     * @param Ride|null $ride the one way of riding in which there is such a fact; null: in every one
     */
    public function __construct(public string $path, public Field $field, public ?Ride $ride) {}
}
