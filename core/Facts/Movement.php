<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Quantity\Length;

/** How far the seat moves when tried: measured, or felt by hand; a measured figure stands above what was felt. Unknown facts are null. */
final readonly class Movement
{
    public function __construct(
        public ?Length $side = null,
        public ?Length $front = null,
        public ?Length $up = null,
        public ?bool $atBeltPath = null,
        public ?Felt $sideFelt = null,
        public ?Felt $frontFelt = null,
        public ?Felt $upFelt = null,
        public ?bool $tetherLoose = null,
    ) {}
}
