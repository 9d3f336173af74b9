<?php

declare(strict_types=1);

use App\Upkeep\Apart;
use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

// Every row belongs to one organisation, and the database itself shows and takes only those of the one that was entered: a query that
// forgets to ask whose a row is finds nothing of others. Nothing was entered: nothing is there.
return new class extends Migration {
    /** Its name is kept on the way back. */
    private const KEPT = 'organisations_kept';

    private const TABLES = [
        'users', 'account_links', 'recall_lists', 'campaigns', 'campaign_keys', 'checkup_events', 'seat_models', 'vehicle_layouts',
        'visits', 'families', 'checks', 'facts', 'recall_imports', 'recall_follow_ups', 'photos', 'bus_layouts', 'bus_trips',
        'bus_trip_marks', 'practice_attempts', 'practice_repeats', 'practice_sets',
    ];

    /** What was one of its kind in the installation is so in its organisation. A sign-in name stays: it says which organisation. */
    private const ONE_OF_ITS_KIND = [
        'bus_layouts_name_unique' => ['bus_layouts', ['name']],
        'vehicle_layouts_name_unique' => ['vehicle_layouts', ['name']],
        'seat_models_maker_model_version_unique' => ['seat_models', ['maker', 'model', 'version']],
    ];

    private const LISTED = [
        'recall_lists_dated_id_index' => ['recall_lists', ['dated', 'id']],
        'checkup_events_held_on_id_index' => ['checkup_events', ['held_on', 'id']],
    ];

    public function up(): void
    {
        $this->organisations();
        DB::unprepared(<<<'SQL'
            CREATE FUNCTION organisation_now() RETURNS bigint LANGUAGE sql STABLE AS
                $$ SELECT nullif(current_setting('mintbuckle.organisation', true), '')::bigint $$;
            SQL);
        $first = DB::table('organisations')->value('id');
        if ($first === null && (DB::table('users')->exists() || DB::table('checkup_events')->exists())) {
            $first = DB::table('organisations')->insertGetId(['name' => 'Our organisation']);
        }
        assert($first === null || is_int($first));
        foreach (self::TABLES as $table) {
            Apart::keep($table, $first);
        }
        DB::statement('ALTER TABLE organisations ENABLE ROW LEVEL SECURITY');
        DB::statement('CREATE POLICY apart ON organisations USING (id = organisation_now())');
        DB::statement('CREATE POLICY founded ON organisations FOR INSERT WITH CHECK (true)');
        foreach (self::ONE_OF_ITS_KIND as $name => [$table, $columns]) {
            Schema::table($table, static function (Blueprint $table) use ($name, $columns): void {
                $table->dropUnique($name);
                $table->unique(['organisation_id', ...$columns]);
            });
        }
        foreach (self::LISTED as $name => [$table, $columns]) {
            Schema::table($table, static function (Blueprint $table) use ($name, $columns): void {
                $table->dropIndex($name);
                $table->index(['organisation_id', ...$columns]);
            });
        }
        Schema::table('users', static fn(Blueprint $table) => $table->index('organisation_id'));
        Apart::doors();
    }

    public function down(): void
    {
        Filled::refuseMany('organisations');
        DB::statement('DROP FUNCTION enter_organisation(text, text)');
        Schema::table('users', static fn(Blueprint $table) => $table->dropIndex(['organisation_id']));
        foreach (self::LISTED as $name => [$table, $columns]) {
            Schema::table($table, static function (Blueprint $table) use ($name, $columns): void {
                $table->dropIndex(['organisation_id', ...$columns]);
                $table->index($columns, $name);
            });
        }
        foreach (self::ONE_OF_ITS_KIND as $name => [$table, $columns]) {
            Schema::table($table, static function (Blueprint $table) use ($name, $columns): void {
                $table->dropUnique(['organisation_id', ...$columns]);
                $table->unique($columns, $name);
            });
        }
        foreach (self::TABLES as $table) {
            DB::statement("DROP POLICY apart ON {$table}");
            DB::statement("ALTER TABLE {$table} DISABLE ROW LEVEL SECURITY, DROP COLUMN organisation_id");
        }
        DB::statement('DROP POLICY apart ON organisations');
        DB::statement('DROP POLICY founded ON organisations');
        DB::table('organisations')->exists() ? Schema::rename('organisations', self::KEPT) : Schema::drop('organisations');
        DB::statement('DROP FUNCTION organisation_now()');
    }

    private function organisations(): void
    {
        if (Schema::hasTable(self::KEPT)) {
            Schema::rename(self::KEPT, 'organisations');

            return;
        }
        Schema::create('organisations', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->timestampTz('created_at')->useCurrent();
        });
    }
};
