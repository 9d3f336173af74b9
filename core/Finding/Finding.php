<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

use MintBuckle\Core\Quantity\Quantity;

/** One thing seen at a check: what it is, how much it weighs, what was measured against which limit, and what to do. */
final readonly class Finding
{
    /**
     * @param string|null $subject what exactly, where a code can be found more than once: a direction, a part, a campaign
     * @param string $message a plain sentence naming the measured value and the limit
     * @param string $remedy what to do next
     * @param Quantity|string|null $observed as measured or seen
     * @param Quantity|string|null $limit what it is held against
     * @param string $from the layer the limit came from: seat, vehicle, law, standard:<code>, practice:<code>, default
     * @param list<Citation> $sources
     */
    public function __construct(
        public Code $code,
        public Severity $severity,
        public string $message,
        public string $remedy,
        public ?string $subject = null,
        public Quantity|string|null $observed = null,
        public Quantity|string|null $limit = null,
        public string $from = 'default',
        public array $sources = [],
    ) {}

    public function station(): Station
    {
        return $this->code->station();
    }
}
