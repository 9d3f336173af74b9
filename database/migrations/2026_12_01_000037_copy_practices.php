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
        Schema::create('practice_copies', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 20)->comment('as it stands in "practice:<name>"');
            $table->string('base', 8)->comment('the practice that was copied');
            $table->jsonb('figures')->comment('what was typed, by figure; those that are set');
            $table->jsonb('sources')->comment('where each is from, by figure');
            $table->foreignId('kept_by')->constrained('users');
            $table->timestampsTz();
        });
        Apart::keep('practice_copies');
        DB::statement('CREATE UNIQUE INDEX practice_copies_name ON practice_copies (organisation_id, name)');
        Schema::table('checkup_events', static function (Blueprint $table): void {
            $table->foreignId('practice_copy_id')->nullable()->constrained();
            $table->index('practice_copy_id');
        });
    }

    public function down(): void
    {
        Filled::refuse('practice_copies');
        Schema::table('checkup_events', static fn(Blueprint $table) => $table->dropColumn('practice_copy_id'));
        Schema::drop('practice_copies');
    }
};
