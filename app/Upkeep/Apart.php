<?php

declare(strict_types=1);

namespace App\Upkeep;

use Illuminate\Support\Facades\DB;

/** A table whose rows belong each to one organisation: the database shows and takes those of the one that was entered, nothing else. */
final readonly class Apart
{
    /** @param int|null $first whose the rows are that are there; null: there are none */
    public static function keep(string $table, ?int $first = null): void
    {
        // A constant is noted once for all the rows that are there: none is written, not even those that never change.
        $begins = $first === null ? '' : " NOT NULL DEFAULT {$first}";
        DB::statement("ALTER TABLE {$table} ADD COLUMN organisation_id bigint{$begins}");
        DB::statement(
            "ALTER TABLE {$table} ALTER COLUMN organisation_id SET NOT NULL, "
                . 'ALTER COLUMN organisation_id SET DEFAULT organisation_now(), '
                . 'ADD FOREIGN KEY (organisation_id) REFERENCES organisations',
        );
        DB::statement("ALTER TABLE {$table} ENABLE ROW LEVEL SECURITY");
        DB::statement("CREATE POLICY apart ON {$table} USING (organisation_id = organisation_now())");
    }
}
