<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

// What somebody signed is asked for by their sign-in name, of however many facts there are.
return new class extends Migration {
    public function up(): void
    {
        DB::statement(
            "CREATE INDEX facts_signatures ON facts ((value->>'id'), key) WHERE key IN ('handover.technician', 'handover.checker')",
        );
    }

    public function down(): void
    {
        DB::statement('DROP INDEX facts_signatures');
    }
};
