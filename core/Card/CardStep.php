<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

/** One step of the installation card: one movement, and what one sees, hears or feels when it is done. */
final readonly class CardStep
{
    public function __construct(public StepCode $code, public string $step, public string $check) {}

    /** The same step with something to be said first of all. */
    public function withNotice(string $notice): self
    {
        return new self($this->code, $this->step, "{$this->check} {$notice}");
    }
}
