<?php

declare(strict_types=1);

use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('facts', static function (Blueprint $table): void {
            // Kept with the other lines of a list of looks, not answered by itself.
            $table->boolean('affirmed')->default(false);
        });
    }

    public function down(): void
    {
        Filled::refuseColumn('facts', 'affirmed', false);
        Schema::table('facts', static function (Blueprint $table): void {
            $table->dropColumn('affirmed');
        });
    }
};
