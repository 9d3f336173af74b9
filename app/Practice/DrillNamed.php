<?php

declare(strict_types=1);

namespace App\Practice;

use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Present\Handbook\RuleText;

/** An error as a learner named or missed it: what the assessor says of it where it is there, and the rule either way. */
final readonly class DrillNamed
{
    /** @param Finding|null $finding null for a false alarm */
    public function __construct(public string $code, public RuleText $rule, public ?Finding $finding, public bool $isMended) {}

    public function isHit(): bool
    {
        return $this->finding !== null;
    }

    /** Whether nothing on the spot puts it right: the seat or the place is not used so. */
    public function isStop(): bool
    {
        return $this->finding?->severity === Severity::Stop;
    }
}
