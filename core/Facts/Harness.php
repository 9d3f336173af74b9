<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Quantity\Length;

/** The child in the harness. strapOffset is the strap above (+) or below (-) the shoulder. Unknown facts are null. */
final readonly class Harness
{
    public function __construct(
        public ?bool $buckled = null,
        public ?int $slot = null,
        public ?StrapSeen $strap = null,
        public ?Length $strapOffset = null,
        public Tightness $tightness = new Tightness(),
        public ?bool $hipsSnug = null,
        public ?bool $tooTight = null,
        public ?bool $twisted = null,
        public ?ClipPlace $clip = null,
        public Crotch $crotch = new Crotch(),
        public ?bool $slouch = null,
        public ?bool $coat = null,
        public ?bool $padding = null,
        public ?bool $headSupportOk = null,
        public ?bool $tailLoose = null,
        public ?string $insert = null,
    ) {}
}
