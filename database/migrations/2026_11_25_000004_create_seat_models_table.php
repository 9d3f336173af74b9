<?php

declare(strict_types=1);

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
            $table->timestamps();
            $table->unique(['maker', 'model']);
        });
    }

    public function down(): void
    {
        Schema::drop('seat_models');
    }
};
