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
        Schema::create('checkup_events', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('place');
            $table->date('held_on');
            // By its name in the time zone database: times are told as the event's clock shows them.
            $table->string('timezone', 64)->default('UTC');
            $table->string('practice');
            $table->string('crash_policy');
            $table->boolean('second_signer');
            // The law's floors where the families drive; null: the law sets none.
            $table->unsignedSmallInteger('law_rear_facing_until_months')->nullable();
            $table->decimal('law_rear_facing_until_weight', 8, 3)->nullable();
            $table->string('law_rear_facing_until_unit', 2)->nullable();
            $table->unsignedSmallInteger('law_booster_from_months')->nullable();
            $table->unsignedSmallInteger('law_booster_until_months')->nullable();
            $table->unsignedSmallInteger('law_back_row_until_months')->nullable();
            $table->foreignId('recall_list_id')->nullable()->constrained();
            $table->timestampsTz();
            $table->index(['held_on', 'id']);
        });
        DB::statement("ALTER TABLE checkup_events ADD CONSTRAINT checkup_events_practice CHECK (practice IN ('us', 'nz', 'au'))");
        DB::statement(
            "ALTER TABLE checkup_events ADD CONSTRAINT checkup_events_crash CHECK (crash_policy = 'strict' OR (crash_policy = "
                . "'minor_crash' AND practice = 'us'))",
        );
        DB::statement(
            'ALTER TABLE checkup_events ADD CONSTRAINT checkup_events_law_weight CHECK ((law_rear_facing_until_weight IS NULL) = '
                . "(law_rear_facing_until_unit IS NULL) AND law_rear_facing_until_unit IN ('kg', 'g', 'lb', 'oz'))",
        );
    }

    public function down(): void
    {
        Filled::refuse('checkup_events');
        Schema::drop('checkup_events');
    }
};
