<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** The top tether as it is. Unknown facts are null. */
final readonly class Tether
{
    public function __construct(
        public ?bool $used = null,
        public ?bool $anchorDesignated = null,
        public ?bool $hookRightWayUp = null,
        public ?bool $slack = null,
        public ?bool $overtight = null,
        public ?bool $twisted = null,
        public ?bool $routed = null,
    ) {}
}
