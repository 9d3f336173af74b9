<?php

declare(strict_types=1);

namespace App\Practice;

use Illuminate\Http\Request;
use MintBuckle\Core\Drill\Dice;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The same seed throws the same, on every machine. */
final readonly class SeededDice implements Dice
{
    public const LARGEST = 0x7FFFFFFE;

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** The seed that a request asks for; any, where it asks for none. */
    public static function seed(Request $request): int
    {
        return $request->filled('seed') ? abs($request->integer('seed')) % (self::LARGEST + 1) : random_int(1, self::LARGEST);
    }

    /** Of what is asked after what this seed asks. */
    public static function after(int $seed): int
    {
        return $seed % self::LARGEST + 1;
    }

    public function below(int $count): int
    {
        return $this->random->getInt(0, $count - 1);
    }
}
