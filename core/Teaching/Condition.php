<?php

declare(strict_types=1);

namespace MintBuckle\Core\Teaching;

use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Finding\Citation;
use MintBuckle\Core\Practice\Layer;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Message;

/** One thing that must hold before a change: an age, a weight or a height, from whom it is, and when that is. */
final readonly class Condition
{
    /**
     * @param bool $inclusive whether reaching the figure is enough
     * @param string $from seat, law, practice:<code> or default
     * @param bool|null $met null: not known
     * @param PartialDate|null $month in which it will be met; null: it is, or nobody can tell
     * @param list<Citation> $sources
     */
    public function __construct(
        public Quantity $figure,
        public bool $inclusive,
        public string $from,
        public ?bool $met,
        public ?PartialDate $month,
        public array $sources,
    ) {}

    /** "2 years old, by the law: from March 2028" or "40 lb, by the practice: about May 2029". */
    public function told(): Message
    {
        return new Message('teaching.condition', [
            'figure' => $this->figure,
            'kind' => $this->figure instanceof Months ? 'age' : 'measure',
            'inclusive' => $this->inclusive,
            'from' => Layer::words($this->from),
            'when' => match (true) {
                $this->met === true => 'met',
                $this->month === null => 'unknown',
                $this->figure instanceof Months => 'from',
                default => 'about',
            },
            'month' => $this->month,
        ]);
    }
}
