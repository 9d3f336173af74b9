<?php

declare(strict_types=1);

use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    private const BEFORE = ['technician', 'senior', 'coordinator'];

    public function up(): void
    {
        self::allow([...self::BEFORE, 'trainee', 'reader']);
        Schema::table('users', static function (Blueprint $table): void {
            // Null until the person has chosen one by their link.
            $table->string('password')->nullable()->change();
            $table->timestampTz('closed_at')->nullable();
            // Second factor: encrypted; the last time step that was used, and the codes for a lost device that are left, hashed.
            $table->text('totp_secret')->nullable();
            $table->bigInteger('totp_step')->nullable();
            $table->jsonb('recovery_codes')->nullable();
        });
        Schema::create('account_links', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            // The link itself is known to whoever has it.
            $table->char('token', 64)->unique();
            $table->timestampTz('expires_at');
            $table->timestampTz('used_at')->nullable();
            $table->foreignId('made_by')->nullable()->constrained('users');
            $table->timestampTz('created_at');
        });
    }

    public function down(): void
    {
        Filled::refuseColumn('users', 'closed_at');
        Filled::refuseColumn('users', 'totp_secret');
        $new = DB::table('users')->whereIn('role', ['trainee', 'reader'])->orWhereNull('password')->orWhereNotNull('closed_at');
        $new->exists() && throw new LogicException(
            'Some accounts could not be as they were before: trainees, readers, closed or not yet begun. Change them first.',
        );
        Schema::drop('account_links');
        Schema::table('users', static function (Blueprint $table): void {
            $table->string('password')->nullable(false)->change();
            $table->dropColumn(['closed_at', 'totp_secret', 'totp_step', 'recovery_codes']);
        });
        self::allow(self::BEFORE);
    }

    /** @param list<string> $roles */
    private static function allow(array $roles): void
    {
        $list = "'" . implode("', '", $roles) . "'";
        DB::statement('ALTER TABLE users DROP CONSTRAINT users_role');
        DB::statement("ALTER TABLE users ADD CONSTRAINT users_role CHECK (role IN ({$list}))");
    }
};
