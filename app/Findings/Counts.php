<?php

declare(strict_types=1);

namespace App\Findings;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Report\Measure;

/** Counts by measure and what of, as the core's figures take them. */
final readonly class Counts
{
    /**
     * @param list<string> $scopes of roll-ups
     * @param string|null $kind of seat; families are counted over all of them
     * @return array<string, array<string, int>>
     */
    public static function of(array $scopes, ?string $kind = null): array
    {
        $rows = DB::table('roll_ups')->whereIn('scope', $scopes);

        return self::read($kind === null ? $rows->where('kind', '') : $rows->where(static fn(Builder $one): Builder => $one
            ->where('kind', $kind)
            ->orWhere(static fn(Builder $all): Builder => $all->where('kind', '')->whereIn('measure', Measure::ofFamilies()))), 'n');
    }

    /**
     * @param 'n'|'counted'|'told' $column
     * @return array<string, array<string, int>>
     */
    public static function read(Builder $rows, string $column): array
    {
        $counts = [];
        foreach ($rows->selectRaw("measure, \"of\", sum({$column})::bigint AS n")->groupBy('measure', 'of')->get() as $row) {
            assert(is_string($row->measure) && is_string($row->of) && is_int($row->n));
            $counts[$row->measure][$row->of] = $row->n;
        }

        return $counts;
    }
}
