<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was posted under an entry's id, in short, so that the same entry arriving again is told from another one under its id. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('facts', static function (Blueprint $table): void {
            $table->char('posted', 40)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('facts', static function (Blueprint $table): void {
            $table->dropColumn('posted');
        });
    }
};
