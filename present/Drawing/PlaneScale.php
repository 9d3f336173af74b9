<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Growth\Measure;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Unit;
use MintBuckle\Core\Telling\Message;

/** Kilograms to x and centimetres to y, both linear; what lies outside is drawn at the edge. */
final readonly class PlaneScale
{
    private const MOST_MARKS = 6;

    public function __construct(
        private float $left,
        private float $right,
        private float $leastKg,
        private float $mostKg,
        private float $top,
        private float $bottom,
        private float $leastCm,
        private float $mostCm,
    ) {}

    public function x(float $kg): float
    {
        $share = ($kg - $this->leastKg) / ($this->mostKg - $this->leastKg);

        return round($this->left + ($this->right - $this->left) * max(0.0, min(1.0, $share)), 1);
    }

    public function y(float $cm): float
    {
        $share = ($cm - $this->leastCm) / ($this->mostCm - $this->leastCm);

        return round($this->bottom - ($this->bottom - $this->top) * max(0.0, min(1.0, $share)), 1);
    }

    public function holds(float $kg, float $cm): bool
    {
        return $kg <= $this->mostKg && $cm <= $this->mostCm;
    }

    /** @return list<array{x: float, label: Message}> */
    public function weights(MassUnit $unit): array
    {
        $one = Measure::Weight->number(Mass::of(1, $unit));

        return array_map(
            fn(int $n): array => ['x' => $this->x($n * $one), 'label' => self::mark('mass', $n, $unit)],
            self::marks($this->leastKg / $one, $this->mostKg / $one),
        );
    }

    /** @return list<array{y: float, label: Message}> */
    public function heights(LengthUnit $unit): array
    {
        $one = Measure::Height->number(Length::of(1, $unit));

        return array_map(
            fn(int $n): array => ['y' => $this->y($n * $one), 'label' => self::mark('length', $n, $unit)],
            self::marks($this->leastCm / $one, $this->mostCm / $one),
        );
    }

    /** In the axis's own unit throughout, however tall. */
    private static function mark(string $dimension, int $n, Unit $unit): Message
    {
        return new Message("telling.{$dimension}.{$unit->symbol()}", ['n' => $n]);
    }

    /** @return list<int> round numbers between two bounds, few enough to stay apart */
    private static function marks(float $from, float $to): array
    {
        foreach ([1, 2, 5, 10, 20, 50, 100, 200, 500, 1000] as $step) {
            if (($to - $from) / $step <= self::MOST_MARKS) {
                return range((int) ceil($from / $step) * $step, (int) floor($to / $step) * $step, $step);
            }
        }

        return [];
    }
}
