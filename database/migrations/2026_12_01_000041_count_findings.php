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
        // What a signed check adds to the figures, kept as it was signed: a later edition of the rules would find otherwise.
        Schema::table('checks', static function (Blueprint $table): void {
            $table->jsonb('outcome')->nullable();
        });
        DB::statement("CREATE INDEX checks_outcome ON checks USING gin ((outcome -> 'counts'))");
        DB::statement('ALTER TABLE checks ADD CONSTRAINT checks_outcome_signed CHECK (outcome IS NULL OR signed_at IS NOT NULL)');
        // Sums of them by event:ID, month:YYYY-MM:practice, year:YYYY:practice, ever:practice (none: any) and model:ID, of each kind of
        // seat (none: of all); can be made again at any time.
        Schema::create('roll_ups', static function (Blueprint $table): void {
            $table->string('scope', 60);
            $table->string('kind', 24);
            $table->string('measure', 16);
            $table->string('of', 80);
            $table->bigInteger('n');
        });
        Apart::keep('roll_ups');
        DB::statement('ALTER TABLE roll_ups ADD PRIMARY KEY (organisation_id, scope, kind, measure, "of")');
        // Figures of an event that leave the organisation, in whole fives: made once, never changed.
        Schema::table('checkup_events', static function (Blueprint $table): void {
            $table->timestampTz('handed_on_at')->nullable();
            $table->unsignedInteger('handed_on_order')->nullable();
        });
        DB::statement(
            'CREATE INDEX checkup_events_handed_on ON checkup_events (practice, handed_on_order) WHERE handed_on_order IS NOT NULL',
        );
        Schema::create('handed_on_figures', static function (Blueprint $table): void {
            $table->foreignId('checkup_event_id')->constrained();
            $table->string('measure', 16);
            $table->string('of', 80);
            $table->bigInteger('counted');
            $table->bigInteger('told');
            $table->primary(['checkup_event_id', 'measure', 'of']);
        });
        Apart::keep('handed_on_figures');
    }

    public function down(): void
    {
        Filled::refuse('handed_on_figures');
        Filled::refuseColumn('checks', 'outcome');
        Schema::drop('handed_on_figures');
        Schema::drop('roll_ups');
        Schema::table('checkup_events', static fn(Blueprint $table) => $table->dropColumn(['handed_on_at', 'handed_on_order']));
        Schema::table('checks', static fn(Blueprint $table) => $table->dropColumn('outcome'));
    }
};
