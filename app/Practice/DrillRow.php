<?php

declare(strict_types=1);

namespace App\Practice;

use App\Calculators\CalculatorField;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** One thing that was seen of a drill's set-up, what may be wrong with it, and what it was said to be. */
final readonly class DrillRow
{
    public string $id;

    /**
     * @param array<string, Message> $offered code => what may be wrong here
     * @param list<DrillNamed> $named what was said to be wrong here
     * @param CalculatorField|null $mend the control that puts it right, once an error was found here
     */
    public function __construct(
        public string $path,
        public Message $label,
        public Quantity|Message|Listing|string $value,
        public array $offered,
        public array $named,
        public ?CalculatorField $mend,
    ) {
        $this->id = 'row-' . str_replace(['.', '_'], '-', $path);
    }
}
