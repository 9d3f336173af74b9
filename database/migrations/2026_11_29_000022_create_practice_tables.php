<?php

declare(strict_types=1);

use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('practice_attempts', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('user_id')->constrained();
            $table->string('kind', 40);
            $table->bigInteger('seed');
            $table->smallInteger('level');
            $table->jsonb('case');
            $table->jsonb('good');
            $table->jsonb('faults');
            $table->jsonb('looked');
            $table->jsonb('named');
            $table->jsonb('mends');
            $table->timestampTz('begun_at');
            $table->timestampTz('ended_at')->nullable();
            $table->index(['user_id', 'begun_at']);
        });
        Schema::create('practice_repeats', static function (Blueprint $table): void {
            $table->foreignId('user_id')->constrained();
            $table->string('code', 40);
            $table->smallInteger('stage');
            $table->date('due_on');
            $table->primary(['user_id', 'code']);
        });
    }

    public function down(): void
    {
        Filled::refuse('practice_repeats', 'practice_attempts');
        Schema::drop('practice_repeats');
        Schema::drop('practice_attempts');
    }
};
