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
        Schema::table('checkup_events', static fn(Blueprint $table) => $table->unsignedSmallInteger('walk_in_share')->default(30));
        DB::statement('ALTER TABLE checkup_events ADD CONSTRAINT checkup_events_walk_ins CHECK (walk_in_share BETWEEN 0 AND 100)');
        Schema::create('bookings', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('checkup_event_id')->constrained();
            $table->timestampTz('starts_at');
            $table->unsignedSmallInteger('seats');
            $table->string('language', 8);
            // In short; the link itself is kept nowhere.
            $table->char('token', 64)->nullable()->unique();
            $table->timestampTz('token_expires_at')->nullable();
            $table->timestampTz('reminded_at')->nullable();
            $table->timestampTz('cancelled_at')->nullable();
            $table->foreignId('visit_id')->nullable()->constrained();
            $table->foreignId('made_by')->constrained('users');
            $table->timestampsTz();
            $table->index(['checkup_event_id', 'starts_at']);
            $table->index('visit_id');
        });
        DB::statement('ALTER TABLE bookings ADD CONSTRAINT bookings_seats CHECK (seats BETWEEN 1 AND 6)');
        // What is personal, encrypted: a purge is a delete.
        Schema::create('booked_families', static function (Blueprint $table): void {
            $table->foreignUuid('booking_id')->primary()->constrained()->cascadeOnDelete();
            $table->text('first_name');
            $table->text('contact')->nullable();
            // What the family said of itself beforehand, as the arrival form takes it.
            $table->text('arrival')->nullable();
        });
        // The stand-in for outgoing mail: what would be sent.
        Schema::create('outgoing_mails', static function (Blueprint $table): void {
            $table->id();
            $table->text('to');
            $table->text('subject');
            $table->text('text');
            $table->timestampTz('made_at');
        });
        foreach (['bookings', 'booked_families', 'outgoing_mails'] as $table) {
            Apart::keep($table);
        }
        Apart::doors(
            "WHEN 'booking' THEN SELECT organisation_id INTO found FROM bookings WHERE token = key AND token_expires_at > now();",
        );
    }

    public function down(): void
    {
        Filled::refuse('bookings', 'outgoing_mails');
        Filled::refuseColumn('checkup_events', 'walk_in_share', 30);
        Apart::doors();
        Schema::drop('outgoing_mails');
        Schema::drop('booked_families');
        Schema::drop('bookings');
        Schema::table('checkup_events', static fn(Blueprint $table) => $table->dropColumn('walk_in_share'));
    }
};
