<?php

declare(strict_types=1);

use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        foreach (['users', 'visits'] as $spoken) {
            Schema::table($spoken, static function (Blueprint $table): void {
                $table->string('language', 16)->default('en');
            });
        }
    }

    public function down(): void
    {
        Filled::refuseColumn('users', 'language', 'en');
        Filled::refuseColumn('visits', 'language', 'en');
        foreach (['users', 'visits'] as $spoken) {
            Schema::table($spoken, static function (Blueprint $table): void {
                $table->dropColumn('language');
            });
        }
    }
};
