<?php

declare(strict_types=1);

use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            // Hashed; with it a person signs on somebody else's device.
            $table->string('pin')->nullable();
        });
    }

    public function down(): void
    {
        Filled::refuseColumn('users', 'pin');
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropColumn('pin');
        });
    }
};
