<?php

declare(strict_types=1);

namespace MintBuckle\Core\Report;

use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Finding\Verdict;

/**
 * The figures of some checks: exact ones for the organisation, or those to hand on, of which some are not told. Null is a figure that is
 * not told, never nought.
 */
final readonly class Figures
{
    /** So many seats in a hundred arrive with at least one error, as the trade expects (handbook, section 2; common practice). */
    public const EXPECTED_ERRING_PERCENT = 75;

    private const MINUTE = 60;

    /**
     * @param array<string, array<int|string, int>> $counts by measure and what of
     * @param int $runs of events that follow each other, of which figures to hand on are sums; 0: exact figures
     */
    private function __construct(private array $counts, private int $runs) {}

    /** @param array<string, array<int|string, int>> $counts */
    public static function exact(array $counts): self
    {
        return new self($counts, 0);
    }

    /**
     * @param array<string, array<int|string, int>> $counts in whole fives
     * @param int $runs at least one
     */
    public static function toHandOn(array $counts, int $runs): self
    {
        return new self($counts, max(1, $runs));
    }

    public function isExact(): bool
    {
        return $this->runs === 0;
    }

    public function of(Measure $measure, string $of = ''): ?int
    {
        return $this->told([$this->counts[$measure->value][$of] ?? 0]);
    }

    /** @param list<string>|null $of null: of everything that was counted */
    public function sum(Measure $measure, ?array $of = null): ?int
    {
        $counts = $this->counts[$measure->value] ?? [];

        return $this->told(array_values($of === null ? $counts : array_intersect_key($counts, array_flip($of))));
    }

    public function seats(): ?int
    {
        return $this->sum(Measure::Left);
    }

    public function good(): ?int
    {
        return $this->of(Measure::Left, Verdict::GoodToRide->value);
    }

    /**
     * What was counted of a measure, most first.
     *
     * @return list<string>
     */
    public function keys(Measure $measure): array
    {
        $counts = array_filter($this->counts[$measure->value] ?? []);
        uksort($counts, static fn(string|int $a, string|int $b): int => [$counts[$b], (string) $a] <=> [$counts[$a], (string) $b]);

        return array_map(strval(...), array_keys($counts));
    }

    /** @return list<string> codes of errors as found, at that station or anywhere */
    public function codes(?Station $station = null): array
    {
        return array_values(array_filter(
            $this->keys(Measure::Found),
            static fn(string $code): bool => $station === null || Code::of($code)->station() === $station,
        ));
    }

    /**
     * In a hundred, to the next whole one; null where one of both is not told or there is nothing to be a share of. Never above a hundred:
     * of figures to hand on, which are up to four from the truth, a part can come out above its whole.
     */
    public static function percent(?int $part, ?int $whole): ?int
    {
        return $part === null || $whole === null || $whole === 0 ? null : min(100, intdiv(200 * $part + $whole, 2 * $whole));
    }

    /** Mean whole minutes; null where nothing was timed, or figures are to hand on. */
    public function meanMinutes(Measure $spans, Measure $seconds): ?int
    {
        $timed = $this->sum($spans);

        return ! $this->isExact() || $timed === null || $timed === 0
            ? null
            : intdiv(2 * ($this->counts[$seconds->value][''] ?? 0) + $timed * self::MINUTE, 2 * $timed * self::MINUTE);
    }

    /** @param list<int> $counts */
    private function told(array $counts): ?int
    {
        $sum = array_sum($counts);

        return $this->isExact() || WholeFives::mayBeTold($sum, $this->runs * count(array_filter($counts))) ? $sum : null;
    }
}
