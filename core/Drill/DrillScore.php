<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

/**
 * What a learner found, missed and named without cause. A miss counts three times a false alarm: what is missed rides home. Time is shown,
 * never counted. The figures are this project's own.
 */
final readonly class DrillScore
{
    public const MISS = 3;

    /** @var list<string> codes that were named and are there */
    public array $hits;

    /** @var list<string> codes that are there and were not named */
    public array $misses;

    /** @var list<string> codes that were named and are not there */
    public array $falseAlarms;

    /** @var int 0 is the best */
    public int $penalty;

    /** @var int per cent: 100 where everything was found and nothing else named, 0 where every error was missed */
    public int $percent;

    /**
     * @param non-empty-list<string> $faults
     * @param list<string> $named
     */
    public function __construct(array $faults, array $named)
    {
        $named = array_values(array_unique($named));
        $this->hits = array_values(array_intersect($faults, $named));
        $this->misses = array_values(array_diff($faults, $named));
        $this->falseAlarms = array_values(array_diff($named, $faults));
        $this->penalty = self::MISS * count($this->misses) + count($this->falseAlarms);
        $this->percent = max(0, 100 - intdiv(100 * $this->penalty, self::MISS * count($faults)));
    }
}
