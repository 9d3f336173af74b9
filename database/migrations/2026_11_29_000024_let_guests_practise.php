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
        Schema::table('practice_attempts', static function (Blueprint $table): void {
            $table->foreignId('user_id')->nullable()->change();
            // Of somebody who came by a class's link alone; known to their browser only.
            $table->uuid('guest')->nullable();
            $table->unique(['practice_set_id', 'item', 'guest']);
        });
        DB::statement('ALTER TABLE practice_attempts ADD CONSTRAINT practice_attempts_whose CHECK (num_nonnulls(user_id, guest) = 1)');
    }

    public function down(): void
    {
        Filled::refuseColumn('practice_attempts', 'guest');
        DB::statement('ALTER TABLE practice_attempts DROP CONSTRAINT practice_attempts_whose');
        Schema::table('practice_attempts', static function (Blueprint $table): void {
            $table->dropUnique(['practice_set_id', 'item', 'guest']);
            $table->dropColumn('guest');
            $table->foreignId('user_id')->nullable(false)->change();
        });
    }
};
