<?php

declare(strict_types=1);

namespace App\Upkeep;

use Illuminate\Support\Facades\DB;
use LogicException;

/** A migration that would go back over something that was kept refuses: what was seen of a child is never undone by a command. */
final readonly class Filled
{
    /** @throws LogicException when any of these tables has a row */
    public static function refuse(string ...$tables): void
    {
        foreach ($tables as $table) {
            if (DB::table($table)->exists()) {
                throw new LogicException("Going back would lose what is kept in {$table}. Nothing was changed.");
            }
        }
    }

    /** @throws LogicException when a table has more than one row: what belongs to each could not be told apart again */
    public static function refuseMany(string $table): void
    {
        if (DB::table($table)->count() > 1) {
            throw new LogicException("Going back would lose what is kept apart in {$table}. Nothing was changed.");
        }
    }

    /**
     * @param mixed $usual what stands there when nothing was said
     * @throws LogicException when something else stands in that column
     */
    public static function refuseColumn(string $table, string $column, mixed $usual = null): void
    {
        $said = DB::table($table)->whereNotNull($column)
            ->when($usual !== null, static fn($rows) => $rows->where($column, '!=', $usual));
        if ($said->exists()) {
            throw new LogicException("Going back would lose what is kept in {$table}.{$column}. Nothing was changed.");
        }
    }
}
