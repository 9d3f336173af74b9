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
        Schema::table('visits', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('adults')->default(1)->comment('who will install the seats at home');
        });
        DB::statement('ALTER TABLE visits ADD CONSTRAINT visits_adults CHECK (adults BETWEEN 1 AND 4)');
        // Personal, in a table of its own: a purge is a delete.
        Schema::create('consents', static function (Blueprint $table): void {
            $table->foreignId('visit_id')->primary()->constrained();
            $table->string('language', 8);
            $table->text('wording')->comment('as it was shown, encrypted like the rest');
            $table->text('name')->nullable()->comment('typed, where nobody signed on the glass');
            $table->text('signature')->nullable()->comment('strokes on the glass, an SVG path');
            $table->foreignId('taken_by')->constrained('users');
            $table->timestampTz('given_at');
        });
        Apart::keep('consents');
    }

    public function down(): void
    {
        Filled::refuse('consents');
        Filled::refuseColumn('visits', 'adults', 1);
        Schema::drop('consents');
        DB::statement('ALTER TABLE visits DROP CONSTRAINT visits_adults');
        Schema::table('visits', static fn(Blueprint $table) => $table->dropColumn('adults'));
    }
};
