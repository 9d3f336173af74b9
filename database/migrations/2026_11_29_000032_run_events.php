<?php

declare(strict_types=1);

use App\Upkeep\Apart;
use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('visits', static function (Blueprint $table): void {
            $table->timestampTz('called_at')->nullable();
            $table->foreignId('worked_by')->nullable()->constrained('users');
        });
        Schema::table('checks', static function (Blueprint $table): void {
            // Like maker and model: what the facts say, kept for the lists.
            $table->string('place', 2)->nullable();
            $table->jsonb('kit')->nullable();
        });
        // Judged anew before they are shown; what was signed keeps its verdict.
        DB::statement('UPDATE checks SET verdict = NULL, judged_by = NULL WHERE signed_at IS NULL');
        // Who worked on a family from when on, and in which bay: added and read, nothing else.
        Schema::create('visit_moves', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('visit_id')->constrained();
            $table->unsignedInteger('bay');
            $table->foreignId('worked_by')->nullable()->constrained('users');
            $table->foreignId('made_by')->constrained('users');
            $table->timestampTz('at', 3);
            $table->index('visit_id');
        });
        Schema::create('kit_minima', static function (Blueprint $table): void {
            $table->foreignId('checkup_event_id')->constrained()->cascadeOnDelete();
            $table->string('item', 40);
            $table->unsignedInteger('minimum');
            $table->primary(['checkup_event_id', 'item']);
        });
        // What was counted, added or corrected by hand; what checks took stands with them.
        Schema::create('kit_moves', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('checkup_event_id')->constrained();
            $table->string('item', 40);
            $table->integer('count');
            $table->string('note', 200)->nullable();
            $table->foreignId('made_by')->constrained('users');
            $table->timestampTz('at', 3);
            $table->index(['checkup_event_id', 'item']);
        });
        foreach (['visit_moves', 'kit_minima', 'kit_moves'] as $table) {
            Apart::keep($table);
        }
    }

    public function down(): void
    {
        Filled::refuse('visit_moves', 'kit_minima', 'kit_moves');
        Filled::refuseColumn('visits', 'called_at');
        Schema::drop('kit_moves');
        Schema::drop('kit_minima');
        Schema::drop('visit_moves');
        Schema::table('checks', static fn(Blueprint $table) => $table->dropColumn(['place', 'kit']));
        Schema::table('visits', static fn(Blueprint $table) => $table->dropColumn(['called_at', 'worked_by']));
    }
};
