<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * The hinged belt-clamping panel is called a clamp door, in keys and words. Stored facts and seat models keep what they say under its
 * new name; whether a shell may be belted without its base is allowed or forbidden, never required.
 */
return new class extends Migration {
    public function up(): void
    {
        self::rename('tension_door', 'clamp_door');
        self::changing(static function (): void {
            DB::update("UPDATE facts SET value = 'null' WHERE key = 'seat.baseless' AND value = '\"required\"'");
            DB::update("UPDATE facts SET value = value - 'baseless' WHERE key = 'seat' AND value ->> 'baseless' = 'required'");
        });
        DB::update("UPDATE seat_models SET rules = rules - 'baseless' WHERE rules ->> 'baseless' = 'required'");
    }

    public function down(): void
    {
        self::rename('clamp_door', 'tension_door');
    }

    private static function rename(string $old, string $new): void
    {
        self::changing(static function () use ($old, $new): void {
            DB::update('UPDATE facts SET key = replace(key, ?, ?) WHERE key LIKE ?', ["{$old}", "{$new}", "%.{$old}%"]);
            DB::update('UPDATE facts SET value = replace(value::text, ?, ?)::jsonb WHERE value::text LIKE ?', ["\"{$old}", "\"{$new}", "%\"{$old}%"]);
        });
        DB::update('UPDATE seat_models SET rules = replace(rules::text, ?, ?)::jsonb WHERE rules::text LIKE ?', ["\"{$old}", "\"{$new}", "%\"{$old}%"]);
    }

    /** Facts are append-only; only their names and spelling change here. */
    private static function changing(Closure $change): void
    {
        DB::unprepared('ALTER TABLE facts DISABLE TRIGGER facts_are_kept');
        $change();
        DB::unprepared('ALTER TABLE facts ENABLE TRIGGER facts_are_kept');
    }
};
