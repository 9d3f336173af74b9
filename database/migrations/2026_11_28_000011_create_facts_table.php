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
        Schema::create('facts', static function (Blueprint $table): void {
            // Made where the fact was entered, so that it is stored once however often it arrives.
            $table->uuid('id')->primary();
            $table->bigInteger('seq')->generatedAs()->always()->unique();
            $table->foreignUuid('check_id')->constrained();
            $table->string('phase');
            $table->string('key');
            $table->jsonb('value')->nullable();
            $table->timestampTz('observed_at', 3);
            $table->timestampTz('recorded_at', 3);
            $table->foreignId('recorded_by')->constrained('users');
            // The manual's page a figure was read from, or the family's reason.
            $table->string('note', 500)->nullable();
            // The fact that this one takes back; each can be taken back once.
            $table->uuid('undoes')->nullable()->unique();
            // In short what the entry held, so that another one under its id is told apart.
            $table->char('posted', 40)->nullable();
            $table->index(['check_id', 'seq']);
        });
        // The table's own key must be there first.
        Schema::table('facts', static fn(Blueprint $table) => $table->foreign('undoes')->references('id')->on('facts'));
        DB::statement("ALTER TABLE facts ADD CONSTRAINT facts_phase CHECK (phase IN ('found', 'left'))");
        // Figures of a manual that were entered at a car.
        DB::statement('CREATE INDEX facts_corrections ON facts (key, check_id) WHERE note IS NOT NULL AND undoes IS NULL');
        DB::unprepared(
            "CREATE OR REPLACE FUNCTION facts_are_kept() RETURNS trigger LANGUAGE plpgsql AS 'BEGIN RAISE EXCEPTION ''facts are "
                . "append-only''; END'",
        );
        DB::statement('CREATE TRIGGER facts_are_kept BEFORE UPDATE OR DELETE ON facts FOR EACH ROW EXECUTE FUNCTION facts_are_kept()');
    }

    public function down(): void
    {
        Filled::refuse('facts');
        Schema::drop('facts');
    }
};
