<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What happened to the seat. Unknown facts are null. */
final readonly class History
{
    /**
     * @param list<string>|null $damage
     * @param list<MissingPart>|null $partsMissing
     * @param list<Extra>|null $extras
     */
    public function __construct(
        public ?bool $known = null,
        public ?bool $crash = null,
        public CrashPoints $crashPoints = new CrashPoints(),
        public ?array $damage = null,
        public ?bool $altered = null,
        public ?array $partsMissing = null,
        public ?array $extras = null,
    ) {}
}
