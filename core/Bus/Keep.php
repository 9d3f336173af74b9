<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Facts\BenchSide;
use MintBuckle\Core\Facts\Definition\Within;

/** A rider who stays on a bench. */
final readonly class Keep
{
    public function __construct(
        public string $rider,
        #[Within(1, 100)]
        public int $row,
        public BenchSide $side,
    ) {}
}
