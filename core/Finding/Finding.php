<?php

declare(strict_types=1);

namespace MintBuckle\Core\Finding;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Message;

/**
 * One thing seen at a check, without words: what it is, how much it weighs, what was measured against which limit.
 *
 * @phpstan-import-type Told from Message
 */
final readonly class Finding
{
    /**
     * @param string|null $variant which of the code's sentences tells it; null: the one it has
     * @param string|null $mend which of the code's remedies it has, where that is not its variant's
     * @param array<string, Told> $with what its sentences speak of, by name
     * @param string|null $subject what exactly, where a code can be found more than once: a direction, a part, a campaign
     * @param Quantity|string|null $observed as measured or seen
     * @param Quantity|string|null $limit what it is held against
     * @param string $from the layer the limit came from: seat, vehicle, law, standard:<code>, practice:<code>, default
     * @param list<Citation> $sources
     */
    public function __construct(
        public Code $code,
        public Severity $severity,
        public ?string $variant = null,
        public ?string $mend = null,
        public array $with = [],
        public ?string $subject = null,
        public Quantity|string|null $observed = null,
        public Quantity|string|null $limit = null,
        public string $from = 'default',
        public array $sources = [],
    ) {}

    /** What it is found by once more: its code and what exactly, "place.airbag/front". */
    public function key(): string
    {
        return "{$this->code->value}/{$this->subject}";
    }

    public function station(): Station
    {
        return $this->code->station();
    }

    /** What is so, with the measured value and the limit. */
    public function message(): Message
    {
        return $this->told($this->variant, 'says');
    }

    /** What to do next. */
    public function remedy(): Message
    {
        return $this->told($this->mend ?? $this->variant, 'do');
    }

    /** What it is held against, as it can be told. */
    public function toldLimit(): Quantity|CalendarDate|Message|null
    {
        return match (true) {
            ! is_string($this->limit) => $this->limit,
            preg_match('/\A\d{4}-\d{2}-\d{2}\z/', $this->limit) === 1 => CalendarDate::parse($this->limit),
            default => new Message("limits.named.{$this->limit}", ['limit' => $this->limit], otherwise: 'limits.named.as_entered'),
        };
    }

    private function told(?string $variant, string $part): Message
    {
        return new Message('findings.' . $this->code->value . ($variant === null ? '' : "/{$variant}") . ".{$part}", $this->with);
    }
}
