<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Facts\Felt;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Message;

/** Every try of the movement against the limit, one line a direction. All x are pixels of a drawing WIDTH wide. */
final readonly class MovementGauge
{
    public const WIDTH = 640;

    public const LEFT = 24;

    public const RIGHT = 616;

    /** Height of a direction's bar, and the step from one to the next. */
    public const BAR = 38;

    private const FIRST_BAR = 80;

    private const STEP = 78;

    private const ENOUGH_TRIES = 3;

    /** Where a try by hand is drawn, as shares of the limit: in the middle of what it can be. */
    private const FELT_AT = ['still' => 0.1, 'within' => 0.55, 'more' => 1.5];

    /**
     * @param list<array{x: float, label: Length|null}> $ticks
     * @param list<array{
     *     direction: string, title: Message, y: int,
     *     tries: list<array{x: float, number: int, within: bool, last: bool, felt: bool}>,
     * }> $rows
     * @param int $bottom where the scale is drawn
     * @param list<Message> $text the same in words
     */
    private function __construct(
        public float $limit,
        public Quantity $limitLabel,
        public array $ticks,
        public array $rows,
        public int $bottom,
        public array $text,
    ) {}

    /**
     * @param array<string, list<Length|Felt>> $tries by direction, in the order in which they were made
     * @param LengthUnit $unit in which the gauge is marked
     */
    public static function of(array $tries, Bound $limit, LengthUnit $unit): self
    {
        $inch = $unit === LengthUnit::Inch;
        $all = array_filter(array_merge(...array_values($tries)), static fn(Length|Felt $try): bool => $try instanceof Length);
        $greatest = max([
            2 * $limit->value->base()->toFloat(),
            ...array_map(static fn(Length $l): float => 1.05 * $l->base()->toFloat(), $all),
        ]);
        $step = $inch ? 25.4 / 4 : 5.0;
        $end = ceil($greatest / ($step * 4)) * $step * 4;
        $x = static fn(float $mm): float => round(self::LEFT + (self::RIGHT - self::LEFT) * $mm / $end, 1);
        $rows = [];
        $text = [new Message('drawings.movement.limit', ['limit' => $limit->value, 'inclusive' => $limit->inclusive])];
        foreach ($tries as $direction => $lengths) {
            $rows[] = [
                'direction' => $direction,
                'title' => new Message("facts.setup.movement.{$direction}.short"),
                'y' => self::FIRST_BAR + self::STEP * count($rows),
                'tries' => self::row($lengths, $limit, $x),
            ];
            foreach ($lengths as $index => $try) {
                $text[] = new Message(...self::told($try, $limit, [
                    'way' => new Message("facts.setup.movement.{$direction}.short"),
                    'number' => $index + 1,
                ]));
            }
        }

        return new self(
            $x($limit->value->base()->toFloat()),
            $limit->value,
            self::ticks($step, $end, $inch, $x),
            $rows,
            self::FIRST_BAR + self::STEP * count($rows) - 34,
            $text,
        );
    }

    /** Whether the last three tries of one direction were all too much: then it is time for another way. Common practice. */
    public function isStillLoose(): bool
    {
        foreach ($this->rows as $row) {
            $last = array_slice($row['tries'], -self::ENOUGH_TRIES);
            if (count($last) === self::ENOUGH_TRIES && ! in_array(true, array_column($last, 'within'), true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array<string, Message|int> $which
     * @return array{string, array<string, Message|Length|Felt|int|bool>}
     */
    private static function told(Length|Felt $try, Bound $limit, array $which): array
    {
        return $try instanceof Felt
            ? ['drawings.movement.felt', $which + ['felt' => $try]]
            : ['drawings.movement.try', $which + ['moved' => $try, 'within' => $limit->allowsAtMost($try)]];
    }

    /**
     * @param list<Length|Felt> $all
     * @param callable(float): float $x
     * @return list<array{x: float, number: int, within: bool, last: bool, felt: bool}>
     */
    private static function row(array $all, Bound $limit, callable $x): array
    {
        $tries = [];
        foreach ($all as $index => $try) {
            $tries[] = [
                'x' => $x($try instanceof Felt ? self::FELT_AT[$try->value] * $limit->value->base()->toFloat() : $try->base()->toFloat()),
                'number' => $index + 1,
                'within' => $try instanceof Felt ? $try !== Felt::More : $limit->allowsAtMost($try),
                'last' => $index === count($all) - 1,
                'felt' => $try instanceof Felt,
            ];
        }

        return $tries;
    }

    /**
     * @param callable(float): float $x
     * @return list<array{x: float, label: Length|null}>
     */
    private static function ticks(float $step, float $end, bool $inch, callable $x): array
    {
        $ticks = [];
        for ($i = 0; $i * $step <= $end + 0.001; $i++) {
            $ticks[] = ['x' => $x($i * $step), 'label' => match (true) {
                $inch => $i % 4 === 0 ? Length::of(intdiv($i, 4), LengthUnit::Inch) : null,
                default => $i % 2 === 0 ? Length::of($i * 5) : null,
            }];
        }

        return $ticks;
    }

    public function height(): float
    {
        return $this->bottom + 42;
    }
}
