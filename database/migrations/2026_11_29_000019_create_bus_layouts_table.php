<?php

declare(strict_types=1);

use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('bus_layouts', static function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->jsonb('gross_weight')->nullable();
            $table->jsonb('benches');
            $table->jsonb('systems');
            $table->text('roster');
            $table->timestampsTz();
        });
    }

    public function down(): void
    {
        Filled::refuse('bus_layouts');
        Schema::drop('bus_layouts');
    }
};
