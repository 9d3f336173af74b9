<?php

declare(strict_types=1);

namespace MintBuckle\Core\Capacity;

/**
 * How long a seat takes today: what was planned counts as much as four seats that were looked at, so that the first family that was slow
 * or fast does not decide. The four are our own choice.
 */
final readonly class Pace
{
    private const PLANNED_WEIGHS = 4;

    private function __construct(public float $minutesASeat) {}

    /**
     * @param int $planned minutes a seat
     * @param float $took minutes, all families that went home together, from being called to going home
     * @param int $seats that was for
     */
    public static function of(int $planned, float $took, int $seats): self
    {
        return new self(($planned * self::PLANNED_WEIGHS + $took) / (self::PLANNED_WEIGHS + $seats));
    }

    public function minutes(int $seats): float
    {
        return $this->minutesASeat * $seats;
    }
}
