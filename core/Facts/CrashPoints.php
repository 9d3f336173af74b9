<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** The five points of a minor crash. Unknown facts are null. */
final readonly class CrashPoints
{
    public function __construct(
        public ?bool $droveAway = null,
        public ?bool $nearDoorSound = null,
        public ?bool $nobodyHurt = null,
        public ?bool $noAirbag = null,
        public ?bool $seatSound = null,
    ) {}
}
