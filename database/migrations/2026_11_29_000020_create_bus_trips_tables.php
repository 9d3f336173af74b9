<?php

declare(strict_types=1);

use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('bus_trips', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('bus_layout_id')->constrained();
            $table->jsonb('items');
            $table->foreignId('begun_by')->constrained('users');
            $table->timestampTz('begun_at');
            $table->string('signed_with', 8)->nullable();
            $table->timestampTz('signed_at')->nullable();
            $table->index(['bus_layout_id', 'begun_at']);
        });
        Schema::create('bus_trip_marks', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->bigInteger('seq')->generatedAs()->always();
            $table->foreignUuid('bus_trip_id')->constrained()->cascadeOnDelete();
            $table->string('item', 160);
            $table->string('outcome', 16);
            $table->string('found', 40)->nullable();
            $table->string('note', 300)->nullable();
            $table->string('initials', 8);
            $table->foreignId('made_by')->constrained('users');
            $table->timestampTz('made_at');
            $table->index(['bus_trip_id', 'seq']);
        });
    }

    public function down(): void
    {
        Filled::refuse('bus_trip_marks', 'bus_trips');
        Schema::drop('bus_trip_marks');
        Schema::drop('bus_trips');
    }
};
