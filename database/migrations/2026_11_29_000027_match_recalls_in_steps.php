<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    private const BEFORE = ['fetching', 'reading', 'ready', 'taking', 'taken', 'refused', 'cancelled'];

    public function up(): void
    {
        self::allow([...self::BEFORE, 'matching']);
        Schema::table('recall_imports', static function (Blueprint $table): void {
            // Checks up to this one are matched; they are gone through by id.
            $table->uuid('matched_to')->nullable();
            $table->unsignedInteger('matched')->default(0);
        });
        Schema::table('recall_follow_ups', static function (Blueprint $table): void {
            $table->index(['recall_list_id', 'told_at']);
        });
    }

    public function down(): void
    {
        // What was under way is begun again by hand.
        DB::table('recall_imports')->where('state', 'matching')->update(['state' => 'taken']);
        self::allow(self::BEFORE);
        Schema::table('recall_imports', static fn(Blueprint $table) => $table->dropColumn(['matched_to', 'matched']));
        Schema::table('recall_follow_ups', static fn(Blueprint $table) => $table->dropIndex(['recall_list_id', 'told_at']));
    }

    /** @param list<string> $states */
    private static function allow(array $states): void
    {
        DB::statement('ALTER TABLE recall_imports DROP CONSTRAINT recall_imports_state');
        $list = "'" . implode("', '", $states) . "'";
        DB::statement("ALTER TABLE recall_imports ADD CONSTRAINT recall_imports_state CHECK (state IN ({$list}))");
    }
};
