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
        Schema::create('visits', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('checkup_event_id')->constrained();
            $table->unsignedInteger('ticket');
            $table->unsignedInteger('bay')->nullable();
            $table->string('vehicle');
            $table->uuid('submission')->unique();
            $table->timestampTz('arrived_at');
            $table->timestampTz('left_at')->nullable();
            $table->foreignId('received_by')->constrained('users');
            // Why a family left with something open, and who looked at that a second time.
            $table->string('left_because', 500)->nullable();
            $table->foreignId('left_seen_by')->nullable()->constrained('users');
            $table->timestampsTz();
            $table->unique(['checkup_event_id', 'ticket']);
            $table->index(['checkup_event_id', 'left_at', 'ticket']);
        });
        DB::statement('ALTER TABLE visits ADD CONSTRAINT visits_left CHECK (left_at IS NULL OR left_at >= arrived_at)');
    }

    public function down(): void
    {
        Filled::refuse('visits');
        Schema::drop('visits');
    }
};
