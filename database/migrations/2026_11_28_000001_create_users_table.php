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
        Schema::create('users', static function (Blueprint $table): void {
            $table->id();
            $table->string('login')->unique();
            $table->string('name');
            $table->string('role');
            $table->string('password');
            $table->date('certified_until')->nullable();
            $table->rememberToken();
            $table->timestampsTz();
        });
        DB::statement("ALTER TABLE users ADD CONSTRAINT users_role CHECK (role IN ('technician', 'senior', 'coordinator'))");
    }

    public function down(): void
    {
        Filled::refuse('users');
        Schema::drop('users');
    }
};
