<?php

declare(strict_types=1);

use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('facts', static fn(Blueprint $table) => $table->boolean('amends')->default(false));
        // Whoever adds to what was signed says why.
        DB::statement("ALTER TABLE facts ADD CONSTRAINT facts_amended_with_reason CHECK (NOT amends OR coalesce(note, '') <> '')");
    }

    public function down(): void
    {
        Filled::refuseColumn('facts', 'amends', false);
        DB::statement('ALTER TABLE facts DROP CONSTRAINT facts_amended_with_reason');
        Schema::table('facts', static fn(Blueprint $table) => $table->dropColumn('amends'));
    }
};
