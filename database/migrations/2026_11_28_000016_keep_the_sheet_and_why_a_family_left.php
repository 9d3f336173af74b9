<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('checks', static function (Blueprint $table): void {
            // The take-home sheet as it was signed, by units.
            $table->jsonb('sheet')->nullable();
        });
        Schema::table('visits', static function (Blueprint $table): void {
            // Why a family left with something open, and who looked at that a second time.
            $table->string('left_because', 500)->nullable();
            $table->foreignId('left_seen_by')->nullable()->constrained('users');
        });
        Schema::table('days', static function (Blueprint $table): void {
            // By its name in the time zone database: times are told as the event's clock shows them.
            $table->string('timezone', 64)->default('UTC');
        });
    }

    public function down(): void
    {
        Schema::table('days', static fn(Blueprint $table) => $table->dropColumn('timezone'));
        Schema::table('visits', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('left_seen_by');
            $table->dropColumn('left_because');
        });
        Schema::table('checks', static fn(Blueprint $table) => $table->dropColumn('sheet'));
    }
};
