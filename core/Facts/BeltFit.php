<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** The five points of the belt-fit test. Unknown facts are null. */
final readonly class BeltFit
{
    public function __construct(
        public ?bool $back = null,
        public ?bool $knees = null,
        public ?bool $lap = null,
        public ?bool $shoulder = null,
        public ?bool $stays = null,
    ) {}
}
