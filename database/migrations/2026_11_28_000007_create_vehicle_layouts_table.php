<?php

declare(strict_types=1);

use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('vehicle_layouts', static function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->jsonb('positions');
            $table->timestampsTz();
        });
    }

    public function down(): void
    {
        Filled::refuse('vehicle_layouts');
        Schema::drop('vehicle_layouts');
    }
};
