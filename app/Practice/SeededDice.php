<?php

declare(strict_types=1);

namespace App\Practice;

use MintBuckle\Core\Drill\Dice;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The same seed throws the same, on every machine. */
final readonly class SeededDice implements Dice
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function below(int $count): int
    {
        return $this->random->getInt(0, $count - 1);
    }
}
