<?php

declare(strict_types=1);

namespace MintBuckle\Core\Growth;

use MintBuckle\Core\Facts\Sex;

/**
 * The nine printed centiles at any age: WHO below 24 months, CDC from there; linear in age between rows, the first row before it,
 * the last row after it.
 */
final readonly class GrowthReference
{
    /** The standard normal quantile of 0.03, 0.05, 0.10, 0.25, 0.50, 0.75, 0.90, 0.95 and 0.97. */
    public const Z = [
        -1.8807936081512509,
        -1.6448536269514729,
        -1.2815515655446004,
        -0.6744897501960817,
        0.0,
        0.6744897501960817,
        1.2815515655446004,
        1.6448536269514722,
        1.8807936081512509,
    ];

    /** At this age the chart changes: length becomes stature. */
    public const CHANGE_MONTHS = 24;

    /** Beyond it nothing can be said. */
    public const LAST_MONTHS = 191;

    /** @return list<float> the z of each column */
    public static function columns(): array
    {
        return self::Z;
    }

    /**
     * The value between two columns that lies a share of the way from one to the next; a share above 1 goes on beyond.
     *
     * @param int $column 0 for the 3rd to 7 for the 95th centile
     */
    public static function value(Sex $sex, Measure $measure, float $months, int $column, float $share): float
    {
        $rows = $months < self::CHANGE_MONTHS ? WhoStandards::rows($sex, $measure) : CdcCharts::rows($sex, $measure);
        $i = self::rowAt($rows, $months);
        $below = $rows[$i];
        $low = $below[$column + 1] + ($below[$column + 2] - $below[$column + 1]) * $share;
        $above = $rows[$i + 1] ?? $below;
        if ($months <= $below[0] || $above[0] <= $below[0]) {
            return $low;
        }
        $high = $above[$column + 1] + ($above[$column + 2] - $above[$column + 1]) * $share;

        return $low + ($high - $low) * ($months - $below[0]) / ($above[0] - $below[0]);
    }

    /** @return list<float> the nine centiles at an age, lowest first */
    public static function centiles(Sex $sex, Measure $measure, float $months): array
    {
        $rows = $months < self::CHANGE_MONTHS ? WhoStandards::rows($sex, $measure) : CdcCharts::rows($sex, $measure);
        $i = self::rowAt($rows, $months);
        $below = $rows[$i];
        $above = $rows[$i + 1] ?? $below;
        $share = $months <= $below[0] || $above[0] <= $below[0] ? 0.0 : ($months - $below[0]) / ($above[0] - $below[0]);
        $centiles = [];
        for ($column = 1; $column <= 9; $column++) {
            $centiles[] = $below[$column] + ($above[$column] - $below[$column]) * $share;
        }

        return $centiles;
    }

    /** @param int $column 0 for the 3rd to 8 for the 97th centile */
    public static function centile(Sex $sex, Measure $measure, float $months, int $column): float
    {
        return $column === 0 ? self::value($sex, $measure, $months, 0, 0.0) : self::value($sex, $measure, $months, $column - 1, 1.0);
    }

    /**
     * The last row that is not after an age; the first row before all of them. Rows are a month apart or less, so counting months
     * from the end comes close and a step or two finishes it.
     *
     * @param non-empty-list<non-empty-list<float|int>> $rows
     */
    private static function rowAt(array $rows, float $months): int
    {
        $last = count($rows) - 1;
        $i = max(0, min($last, $last - (int) ceil($rows[$last][0] - $months)));
        while ($i > 0 && $rows[$i][0] > $months) {
            $i--;
        }
        while ($i < $last && $rows[$i + 1][0] <= $months) {
            $i++;
        }

        return $i;
    }
}
