<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

// A list of a hundred thousand campaigns is taken at once. Until the database has counted them it plans as for the few that were there, and
// reads them all for every seat; only an owner may have it count, and the application owns nothing.
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            CREATE FUNCTION count_campaigns() RETURNS void LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
            BEGIN
                ANALYZE campaigns;
                ANALYZE campaign_keys;
            END $$;
            SQL);
    }

    public function down(): void
    {
        DB::statement('DROP FUNCTION count_campaigns()');
    }
};
