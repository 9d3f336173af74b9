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

    /**
     * Whose a person, a sign-in name or a link is has to be known before anything else can be seen; nothing but that is told.
     *
     * @param string $more doors that came later, as branches of the function's CASE
     */
    public static function doors(string $more = ''): void
    {
        DB::unprepared(<<<SQL
            CREATE OR REPLACE FUNCTION enter_organisation(door text, key text) RETURNS bigint
                LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS \$\$
            DECLARE
                found bigint;
            BEGIN
                CASE door
                    WHEN 'organisation' THEN SELECT id INTO found FROM organisations WHERE id = key::bigint;
                    WHEN 'only' THEN SELECT min(id) INTO found FROM organisations HAVING count(*) = 1;
                    WHEN 'person' THEN SELECT organisation_id INTO found FROM users WHERE id = key::bigint;
                    WHEN 'login' THEN SELECT organisation_id INTO found FROM users WHERE login = key;
                    WHEN 'link' THEN SELECT organisation_id INTO found FROM account_links WHERE token = key;
                    WHEN 'class' THEN SELECT organisation_id INTO found FROM practice_sets WHERE id = key::uuid;
                    WHEN 'drill' THEN SELECT organisation_id INTO found FROM practice_attempts WHERE id = key::uuid;
                    {$more}
                END CASE;
                PERFORM set_config('mintbuckle.organisation', coalesce(found::text, ''), false);
                RETURN found;
            END \$\$;
            SQL);
    }
}
