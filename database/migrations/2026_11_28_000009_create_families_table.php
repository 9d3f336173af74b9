<?php

declare(strict_types=1);

use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('families', static function (Blueprint $table): void {
            $table->foreignId('visit_id')->primary()->constrained()->cascadeOnDelete();
            // Encrypted; a purge is a delete of this row alone.
            $table->text('first_name');
            $table->text('contact')->nullable();
            $table->timestampsTz();
        });
    }

    public function down(): void
    {
        Filled::refuse('families');
        Schema::drop('families');
    }
};
