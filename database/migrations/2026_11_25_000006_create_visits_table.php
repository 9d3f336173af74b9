<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('visits', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('day_id')->constrained();
            $table->unsignedInteger('ticket');
            $table->unsignedInteger('bay')->nullable();
            $table->string('vehicle');
            $table->uuid('submission')->unique();
            $table->timestamp('arrived_at');
            $table->timestamp('left_at')->nullable();
            $table->foreignId('received_by')->constrained('users');
            $table->timestamps();
            $table->unique(['day_id', 'ticket']);
            $table->index(['day_id', 'left_at', 'ticket']);
        });
        DB::statement('ALTER TABLE visits ADD CONSTRAINT visits_left CHECK (left_at IS NULL OR left_at >= arrived_at)');
    }

    public function down(): void
    {
        Schema::drop('visits');
    }
};
