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
        Schema::table('checkup_events', static function (Blueprint $table): void {
            // As the clock at the place shows it; null: not said yet.
            $table->time('opens_at')->nullable();
            $table->time('closes_at')->nullable();
            $table->unsignedSmallInteger('bays')->default(6);
            // What is planned with; what checks really took is counted from them.
            $table->unsignedSmallInteger('minutes_per_seat')->default(30);
            $table->unsignedSmallInteger('expected_seats')->nullable();
            // Where each figure of the law is from, by its column.
            $table->jsonb('law_sources')->default('{}');
            // Planned, then open, then closed.
            $table->timestampTz('opened_at')->nullable();
            $table->timestampTz('closed_at')->nullable();
        });
        DB::statement('UPDATE checkup_events SET opened_at = coalesce(created_at, now())');
        DB::statement('ALTER TABLE checkup_events ADD CONSTRAINT checkup_events_hours CHECK (closes_at > opens_at)');
        DB::statement('ALTER TABLE checkup_events ADD CONSTRAINT checkup_events_closed CHECK (closed_at IS NULL OR opened_at IS NOT NULL)');
        DB::statement('ALTER TABLE checkup_events ADD CONSTRAINT checkup_events_bays CHECK (bays BETWEEN 1 AND 60)');
        DB::statement('ALTER TABLE checkup_events ADD CONSTRAINT checkup_events_minutes CHECK (minutes_per_seat BETWEEN 5 AND 240)');
        Schema::create('crew', static function (Blueprint $table): void {
            $table->foreignId('checkup_event_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->primary(['checkup_event_id', 'user_id']);
            $table->index('user_id');
        });
        Apart::keep('crew');
    }

    public function down(): void
    {
        Filled::refuse('crew');
        foreach (['opens_at', 'closes_at', 'expected_seats', 'closed_at'] as $column) {
            Filled::refuseColumn('checkup_events', $column);
        }
        Filled::refuseColumn('checkup_events', 'bays', 6);
        Filled::refuseColumn('checkup_events', 'minutes_per_seat', 30);
        Filled::refuseColumn('checkup_events', 'law_sources', '{}');
        Schema::drop('crew');
        Schema::table('checkup_events', static fn(Blueprint $table) => $table->dropColumn([
            'opens_at', 'closes_at', 'bays', 'minutes_per_seat', 'expected_seats', 'law_sources', 'opened_at', 'closed_at',
        ]));
    }
};
