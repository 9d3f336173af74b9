<?php

declare(strict_types=1);

use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('practice_sets', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('title', 80);
            $table->jsonb('items');
            $table->smallInteger('together')->nullable();
            $table->foreignId('made_by')->constrained('users');
            $table->timestampTz('made_at');
        });
        Schema::table('practice_attempts', static function (Blueprint $table): void {
            $table->foreignUuid('practice_set_id')->nullable()->constrained();
            $table->smallInteger('item')->nullable();
            $table->unique(['practice_set_id', 'item', 'user_id']);
        });
    }

    public function down(): void
    {
        Filled::refuse('practice_sets');
        Schema::table('practice_attempts', static function (Blueprint $table): void {
            $table->dropUnique(['practice_set_id', 'item', 'user_id']);
            $table->dropConstrainedForeignId('practice_set_id');
            $table->dropColumn('item');
        });
        Schema::drop('practice_sets');
    }
};
