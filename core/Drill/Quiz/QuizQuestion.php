<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill\Quiz;

use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Message;

/** A question with its answers, one of which is right, and why. */
final readonly class QuizQuestion
{
    /**
     * @param list<array{Message, Message}> $acts what may be tried, and what is then seen; none: everything is in the question
     * @param non-empty-list<Message|Quantity> $options
     * @param int $right which of them, from 0
     */
    public function __construct(
        public Message $asked,
        public array $acts,
        public array $options,
        public int $right,
        public Message $because,
    ) {}
}
