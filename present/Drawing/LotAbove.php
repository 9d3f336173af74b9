<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Telling\Message;

/** The lot from above: its bays in rows, the car in each with its seats where they are, and for how long. Pixels of a drawing of $width. */
final readonly class LotAbove
{
    public const BAY_WIDTH = 118;

    public const BAY_HEIGHT = 268;

    public const CAR_LEFT = 13;

    public const CAR_TOP = 34;

    public const BAR_WIDTH = 92;

    private const IN_A_ROW = 8;

    /** Left, middle and right of a car, and one behind the other its rows. */
    private const COLUMNS = ['L' => 19, 'C' => 46, 'R' => 73];

    private const FIRST_ROW = 62;

    private const ROW = 38;

    /** A seat whose place nobody said stands behind the last row. */
    private const UNPLACED = 154;

    /**
     * @param list<array{bay: int, x: int, y: int, car: LotCar|null}> $bays
     * @param list<Message> $text the same in words
     */
    private function __construct(public array $bays, public int $width, public int $height, public array $text) {}

    /** @param list<LotCar> $cars */
    public static function of(int $bays, array $cars): self
    {
        $by = array_column($cars, null, 'bay');
        $count = max([$bays, ...array_keys($by)]);
        $drawn = [];
        for ($bay = 1; $bay <= $count; $bay++) {
            $drawn[] = [
                'bay' => $bay,
                'x' => ($bay - 1) % self::IN_A_ROW * self::BAY_WIDTH,
                'y' => intdiv($bay - 1, self::IN_A_ROW) * self::BAY_HEIGHT,
                'car' => $by[$bay] ?? null,
            ];
        }

        return new self(
            $drawn,
            min($count, self::IN_A_ROW) * self::BAY_WIDTH + 4,
            (int) ceil($count / self::IN_A_ROW) * self::BAY_HEIGHT,
            array_map(self::told(...), $drawn),
        );
    }

    /** @return list<array{x: int, y: int, letter: string, verdict: Verdict, address: string}> a car's seats, from its bay's corner */
    public static function marks(LotCar $car): array
    {
        [$marks, $unplaced] = [[], 0];
        foreach ($car->seats as $seat) {
            [$x, $y] = preg_match('/\A([123])([LCR])\z/', (string) $seat['place'], $place) === 1
                ? [self::COLUMNS[$place[2]], self::FIRST_ROW + self::ROW * ((int) $place[1] - 1)]
                : [array_values(self::COLUMNS)[$unplaced++ % count(self::COLUMNS)], self::UNPLACED];
            $marks[] = [
                'x' => self::CAR_LEFT + $x,
                'y' => self::CAR_TOP + $y,
                'letter' => $seat['letter'],
                'verdict' => $seat['verdict'],
                'address' => $seat['address'],
            ];
        }

        return $marks;
    }

    /** How much of the expected time is over, as a bar's width. */
    public static function bar(LotCar $car): float
    {
        return round(self::BAR_WIDTH * min(1.0, $car->minutes / max(1, $car->expected)), 1);
    }

    /** @param array{bay: int, x: int, y: int, car: LotCar|null} $bay */
    private static function told(array $bay): Message
    {
        $car = $bay['car'];

        return $car === null ? new Message('drawings.lot.free', ['bay' => $bay['bay']]) : new Message('drawings.lot.car', [
            'bay' => $bay['bay'],
            'car' => $car->title,
            'minutes' => $car->minutes,
            'known' => $car->technician !== null,
            'technician' => (string) $car->technician,
        ]);
    }
}
