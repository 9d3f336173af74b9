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
        Schema::create('checks', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('visit_id')->constrained();
            $table->string('letter', 2);
            $table->foreignId('seat_model_id')->nullable()->constrained();
            // What the facts say now, as the seat leaves: kept by the action that records them, made again from them at any time.
            $table->string('maker', 2000)->nullable();
            $table->string('model', 2000)->nullable();
            $table->string('serial', 2000)->nullable();
            $table->string('made_on', 10)->nullable();
            $table->string('verdict')->nullable();
            $table->string('judged_by')->nullable();
            $table->boolean('is_left_begun')->default(false);
            // As it was signed.
            $table->timestampTz('signed_at')->nullable();
            $table->foreignId('signed_by')->nullable()->constrained('users');
            $table->string('rulebook')->nullable();
            $table->jsonb('assessment')->nullable();
            // The take-home sheet as it was signed, by units.
            $table->jsonb('sheet')->nullable();
            $table->timestampsTz();
            $table->unique(['visit_id', 'letter']);
            $table->index(['maker', 'model']);
            $table->index('made_on');
            $table->index('serial');
            $table->index('verdict');
            $table->index('seat_model_id');
        });
        DB::statement(
            'ALTER TABLE checks ADD CONSTRAINT checks_signed_whole CHECK ((signed_at IS NULL) = (assessment IS NULL) AND (signed_at IS '
                . 'NULL) = (signed_by IS NULL) AND (signed_at IS NULL) = (rulebook IS NULL))',
        );
        DB::statement(
            "ALTER TABLE checks ADD CONSTRAINT checks_verdict CHECK (verdict IN ('good_to_ride', 'fix_first', 'not_finished', "
                . "'do_not_use') AND (verdict IS NULL) = (judged_by IS NULL))",
        );
    }

    public function down(): void
    {
        Filled::refuse('checks');
        Schema::drop('checks');
    }
};
