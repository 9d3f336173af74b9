<?php

declare(strict_types=1);

use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('bus_layouts', static function (Blueprint $table): void {
            $table->timestampTz('retired_at')->nullable();
        });
    }

    public function down(): void
    {
        Filled::refuseColumn('bus_layouts', 'retired_at');
        Schema::table('bus_layouts', static function (Blueprint $table): void {
            $table->dropColumn('retired_at');
        });
    }
};
