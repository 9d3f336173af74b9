<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

// Beside the application's rights, which its role has not got anyway: a slip of whoever owns the tables changes nothing either.
return new class extends Migration {
    public function up(): void
    {
        DB::statement(
            'CREATE TRIGGER facts_are_not_emptied BEFORE TRUNCATE ON facts FOR EACH STATEMENT EXECUTE FUNCTION facts_are_kept()',
        );
        DB::unprepared(<<<'SQL'
            CREATE FUNCTION signed_checks_are_kept() RETURNS trigger LANGUAGE plpgsql AS $$
            BEGIN
                IF OLD.signed_at IS NOT NULL AND (TG_OP = 'DELETE' OR
                    (NEW.signed_at, NEW.signed_by, NEW.rulebook, NEW.assessment, NEW.sheet, NEW.visit_id, NEW.letter)
                    IS DISTINCT FROM
                    (OLD.signed_at, OLD.signed_by, OLD.rulebook, OLD.assessment, OLD.sheet, OLD.visit_id, OLD.letter))
                THEN
                    RAISE EXCEPTION 'a signed check stays as it is';
                END IF;
                RETURN CASE TG_OP WHEN 'DELETE' THEN OLD ELSE NEW END;
            END $$;
            CREATE TRIGGER signed_checks_are_kept BEFORE UPDATE OR DELETE ON checks
                FOR EACH ROW EXECUTE FUNCTION signed_checks_are_kept();
            SQL);
    }

    public function down(): void
    {
        DB::statement('DROP TRIGGER signed_checks_are_kept ON checks');
        DB::statement('DROP FUNCTION signed_checks_are_kept()');
        DB::statement('DROP TRIGGER facts_are_not_emptied ON facts');
    }
};
