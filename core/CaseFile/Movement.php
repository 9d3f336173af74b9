<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Quantity\Length;

/** How far the seat moves when tried. Unknown facts are null. */
final readonly class Movement
{
    public function __construct(
        public ?Length $side = null,
        public ?Length $front = null,
        public ?Length $up = null,
        public ?bool $atBeltPath = null,
    ) {}
}
