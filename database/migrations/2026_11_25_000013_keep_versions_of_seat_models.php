<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A model is never changed: a newer version replaces it, and checks keep the one they were made with. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('seat_models', static function (Blueprint $table): void {
            $table->dropUnique(['maker', 'model']);
            $table->unsignedInteger('version')->default(1);
            $table->foreignId('replaced_by')->nullable()->constrained('seat_models');
            $table->foreignId('entered_by')->nullable()->constrained('users');
            $table->unique(['maker', 'model', 'version']);
            $table->index('replaced_by');
        });
    }

    public function down(): void
    {
        Schema::table('seat_models', static function (Blueprint $table): void {
            $table->dropUnique(['maker', 'model', 'version']);
            $table->dropColumn(['version', 'replaced_by', 'entered_by']);
        });
    }
};
