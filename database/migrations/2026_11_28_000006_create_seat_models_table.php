<?php

declare(strict_types=1);

use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('seat_models', static function (Blueprint $table): void {
            $table->id();
            $table->string('maker');
            $table->string('model');
            $table->string('name')->nullable();
            $table->string('kind');
            $table->jsonb('rules');
            $table->unsignedInteger('version')->default(1);
            $table->foreignId('replaced_by')->nullable()->constrained('seat_models');
            $table->foreignId('entered_by')->nullable()->constrained('users');
            $table->timestampsTz();
            $table->unique(['maker', 'model', 'version']);
            $table->index('replaced_by');
        });
    }

    public function down(): void
    {
        Filled::refuse('seat_models');
        Schema::drop('seat_models');
    }
};
