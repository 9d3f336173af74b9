<?php

declare(strict_types=1);

namespace App\Practice;

use MintBuckle\Core\Card\CardStep;
use MintBuckle\Core\Drill\Quiz\StepOrder;

/** The steps of a card as far as they were laid in order. */
final readonly class StepOrderPage
{
    /** @var list<int> steps by number, in the order in which they were laid */
    public array $laid;

    /** @param string $sent numbers with commas, as the address holds them; what is no step of this card is left out */
    public function __construct(public int $seed, public StepOrder $order, string $sent)
    {
        $numbers = array_map(intval(...), array_filter(explode(',', $sent), ctype_digit(...)));
        $this->laid = array_values(array_unique(array_filter(
            $numbers,
            static fn(int $number): bool => isset($order->steps[$number]),
        )));
    }

    public function isWhole(): bool
    {
        return count($this->laid) === count($this->order->steps);
    }

    /** @return list<int> not laid yet, as they were mixed */
    public function left(): array
    {
        return array_values(array_diff($this->order->mixed, $this->laid));
    }

    /** The address's part after a step is laid. */
    public function with(int $step): string
    {
        return implode(',', [...$this->laid, $step]);
    }

    public function without(int $step): string
    {
        return implode(',', array_diff($this->laid, [$step]));
    }

    /** @return list<int> known once all are laid */
    public function moved(): array
    {
        return $this->isWhole() ? StepOrder::outOfPlace($this->laid) : [];
    }

    public function step(int $number): CardStep
    {
        return $this->order->steps[$number];
    }

    /** Of the card after this one. */
    public function nextSeed(): int
    {
        return SeededDice::after($this->seed);
    }
}
