<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('facts', static function (Blueprint $table): void {
            // Made where the fact was entered, so that it is stored once however often it arrives.
            $table->uuid('id')->primary();
            $table->bigInteger('seq')->generatedAs()->always()->unique();
            $table->foreignUuid('check_id')->constrained();
            $table->string('track');
            $table->string('key');
            $table->jsonb('value')->nullable();
            $table->timestamp('observed_at');
            $table->timestamp('recorded_at');
            $table->foreignId('recorded_by')->constrained('users');
            $table->index(['check_id', 'seq']);
        });
        DB::statement("ALTER TABLE facts ADD CONSTRAINT facts_track CHECK (track IN ('found', 'left'))");
        DB::unprepared("CREATE OR REPLACE FUNCTION facts_are_kept() RETURNS trigger LANGUAGE plpgsql AS 'BEGIN RAISE EXCEPTION ''facts are append-only''; END'");
        DB::statement('CREATE TRIGGER facts_are_kept BEFORE UPDATE OR DELETE ON facts FOR EACH ROW EXECUTE FUNCTION facts_are_kept()');
    }

    public function down(): void
    {
        Schema::drop('facts');
        DB::unprepared('DROP FUNCTION facts_are_kept()');
    }
};
