<?php

declare(strict_types=1);

namespace MintBuckle\Core\Capacity;

use Brick\Math\BigNumber;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use InvalidArgumentException;

/** Families that arrive, one line, technicians who each work on one seat at a time: how long one waits once the line has settled. */
final readonly class WaitingLine
{
    /** What families are thought to bear. */
    public const BEARABLE_MINUTES = 10;

    public const MOST_TECHNICIANS = 1000;

    /** Beyond so many at work at once nobody holds a checkup event. */
    public const MOST_OFFERED = 500;

    /** So near to a limit that floats do not decide. */
    private const NEAR = 1e-9;

    private const TENTH = 0.1;

    private const MINUTES_AN_HOUR = 60;

    private function __construct(private BigRational $arrivals, private BigRational $minutes, public int $technicians) {}

    /**
     * @param int|string|BigNumber $arrivals seats an hour; none is a line that never forms
     * @param int|string|BigNumber $minutes mean time a seat, more than none
     * @throws InvalidArgumentException when there is nobody to work, no time, or more than a checkup event can be
     */
    public static function of(int|string|BigNumber $arrivals, int|string|BigNumber $minutes, int $technicians): self
    {
        $line = new self(BigRational::of($arrivals), BigRational::of($minutes), $technicians);
        $isLine = $line->arrivals->getSign() >= 0 && $line->minutes->getSign() > 0 && $technicians >= 1
            && $technicians <= self::MOST_TECHNICIANS && $line->offered()->isLessThanOrEqualTo(self::MOST_OFFERED);

        return $isLine ? $line : throw new InvalidArgumentException('no line of a checkup event');
    }

    public function with(int $technicians): self
    {
        return self::of($this->arrivals, $this->minutes, $technicians);
    }

    /** Seats that are worked on at once, in the mean, if nobody had to wait for anybody: arrivals times minutes. */
    public function offered(): BigRational
    {
        return $this->arrivals->multipliedBy($this->minutes)->dividedBy(self::MINUTES_AN_HOUR);
    }

    /** Whether the line ever settles; where as much or more comes than can be done, it only grows. */
    public function isSettled(): bool
    {
        return $this->offered()->isLessThan($this->technicians);
    }

    public function waitProbability(): ?float
    {
        return match (true) {
            ! $this->isSettled() => null,
            $this->arrivals->isZero() => 0.0,
            default => ErlangC::probability($this->technicians, $this->offered()->toFloat()),
        };
    }

    public function meanWaitMinutes(): ?float
    {
        $waits = $this->waitProbability();

        return $waits === null ? null : $waits * $this->minutes->toFloat() / $this->spare();
    }

    /** Nine families of ten wait no longer. */
    public function p90WaitMinutes(): ?float
    {
        $waits = $this->waitProbability();

        return match (true) {
            $waits === null => null,
            $waits <= self::TENTH => 0.0,
            default => log($waits / self::TENTH) * $this->minutes->toFloat() / $this->spare(),
        };
    }

    /** The fewest who keep the mean wait at so many minutes or less. */
    public function techniciansFor(int $minutes = self::BEARABLE_MINUTES): int
    {
        $fewest = $this->offered()->toScale(0, RoundingMode::DOWN)->toInt() + 1;
        while (! $this->with($fewest)->waitsAtMost($minutes)) {
            $fewest++;
        }

        return $fewest;
    }

    /** @return array{float, float} arrivals an hour and mean minutes a seat, as a simulation throws them */
    public function rates(): array
    {
        return [$this->arrivals->toFloat(), $this->minutes->toFloat()];
    }

    private function waitsAtMost(int $minutes): bool
    {
        $mean = (float) $this->meanWaitMinutes();
        if (abs($mean - $minutes) > self::NEAR * $minutes) {
            return $mean < $minutes;
        }

        return ErlangC::exactly($this->technicians, $this->offered())->multipliedBy($this->minutes)
            ->dividedBy($this->offered()->minus($this->technicians)->negated())
            ->isLessThanOrEqualTo($minutes);
    }

    /** How many technicians more there are than are at work in the mean. */
    private function spare(): float
    {
        return $this->offered()->minus($this->technicians)->negated()->toFloat();
    }
}
