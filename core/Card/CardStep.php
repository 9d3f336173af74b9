<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Telling\Message;

/**
 * One step of the installation card, without words: one movement, and what one sees, hears or feels when it is done.
 *
 * @phpstan-import-type Told from Message
 */
final readonly class CardStep
{
    /**
     * @param string|null $variant which of the code's sentences tells it; null: the one it has
     * @param array<string, Told> $with what its sentences speak of, by name
     * @param Message|null $notice to be said first of all, beside this step
     */
    public function __construct(
        public StepCode $code,
        public ?string $variant = null,
        public array $with = [],
        public ?Message $notice = null,
    ) {}

    /** The same step with something to be said first of all. */
    public function withNotice(Message $notice): self
    {
        return new self($this->code, $this->variant, $this->with, $notice);
    }

    /** What to do. */
    public function step(): Message
    {
        return $this->told('step');
    }

    /** What one sees, hears or feels when it is done. */
    public function check(): Message
    {
        return $this->told('check');
    }

    private function told(string $part): Message
    {
        return new Message("card.{$this->code->value}" . ($this->variant === null ? '' : "/{$this->variant}") . ".{$part}", $this->with);
    }
}
