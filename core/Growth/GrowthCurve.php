<?php

declare(strict_types=1);

namespace MintBuckle\Core\Growth;

use MintBuckle\Core\Facts\Sex;

/**
 * A child's place among the centiles, carried forward: its z between the outer columns (linear in z between them), the ratio to
 * the outer column beyond. An estimate, in kilograms or centimetres; never used where a measurement is judged.
 */
final readonly class GrowthCurve
{
    private const OUTER = 8;

    /** @var int the column of centiles below z */
    private int $column;

    /** @var float how far z lies from there to the next column */
    private float $share;

    /**
     * @param float $z kept within the outer columns
     * @param float $ratio to the outer column; 1 between them
     */
    private function __construct(private Sex $sex, private Measure $measure, private float $months, public float $z, public float $ratio)
    {
        [$this->column, $this->share] = self::between($z);
    }

    public static function through(Sex $sex, Measure $measure, float $months, float $value): self
    {
        $centiles = GrowthReference::centiles($sex, $measure, $months);
        $z = GrowthReference::columns();
        if ($value <= $centiles[0]) {
            return new self($sex, $measure, $months, $z[0], $value / $centiles[0]);
        }
        if ($value >= $centiles[self::OUTER]) {
            return new self($sex, $measure, $months, $z[self::OUTER], $value / $centiles[self::OUTER]);
        }
        $i = 0;
        while ($value >= $centiles[$i + 1]) {
            $i++;
        }

        return new self(
            $sex,
            $measure,
            $months,
            $z[$i] + ($z[$i + 1] - $z[$i]) * ($value - $centiles[$i]) / ($centiles[$i + 1] - $centiles[$i]),
            1.0,
        );
    }

    public function at(float $months): float
    {
        return $this->ratio * GrowthReference::value($this->sex, $this->measure, $months, $this->column, $this->share);
    }

    /** The curve of a child so much further up or down today; beyond the outer columns the last step between columns goes on. */
    public function shifted(float $by): self
    {
        [$column, $share] = self::between($this->z + $by);

        return self::through(
            $this->sex,
            $this->measure,
            $this->months,
            $this->ratio * GrowthReference::value($this->sex, $this->measure, $this->months, $column, $share),
        );
    }

    /**
     * The first month from now in which the curve is beyond a figure. A child never shrinks: once beyond, it stays so, and halving finds
     * it.
     */
    public function firstMonthBeyond(float $figure, bool $reached): ?int
    {
        $beyond = fn(int $ahead): bool => $reached
            ? $this->at($this->months + $ahead) >= $figure
            : $this->at($this->months + $ahead) > $figure;
        $high = GrowthReference::LAST_MONTHS - (int) $this->months;
        if ($high < 1 || ! $beyond($high)) {
            return null;
        }
        $low = 0;
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $beyond($middle) ? [$low, $middle] : [$middle, $high];
        }

        return $high;
    }

    /** @return array{int, float} */
    private static function between(float $z): array
    {
        $columns = GrowthReference::columns();
        $i = 0;
        while ($i < self::OUTER - 1 && $z >= $columns[$i + 1]) {
            $i++;
        }

        return [$i, ($z - $columns[$i]) / ($columns[$i + 1] - $columns[$i])];
    }
}
