<?php

declare(strict_types=1);

use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('visits', static function (Blueprint $table): void {
            // The car it was found as on arrival, so that the day's cars are offered first.
            $table->foreignId('vehicle_layout_id')->nullable()->index()->constrained()->nullOnDelete();
        });
    }

    public function down(): void
    {
        Filled::refuseColumn('visits', 'vehicle_layout_id');
        Schema::table('visits', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('vehicle_layout_id');
        });
    }
};
