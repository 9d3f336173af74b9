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
        Schema::create('photos', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            // With the family's own row its pictures go.
            $table->foreignId('visit_id')->index();
            $table->foreign('visit_id')->references('visit_id')->on('families')->cascadeOnDelete();
            $table->foreignUuid('check_id')->index()->constrained()->cascadeOnDelete();
            $table->string('about');
            // Encrypted.
            $table->text('image');
            $table->foreignId('taken_by')->constrained('users');
            $table->timestampTz('taken_at');
        });
        DB::statement("ALTER TABLE photos ADD CONSTRAINT photos_about CHECK (about IN ('label', 'damage'))");
    }

    public function down(): void
    {
        Filled::refuse('photos');
        Schema::drop('photos');
    }
};
