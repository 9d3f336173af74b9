<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('checks', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('visit_id')->constrained();
            $table->string('letter', 2);
            $table->foreignId('seat_model_id')->nullable()->constrained();
            $table->timestamp('signed_at')->nullable();
            $table->foreignId('signed_by')->nullable()->constrained('users');
            $table->string('rulebook')->nullable();
            $table->jsonb('assessment')->nullable();
            $table->timestamps();
            $table->unique(['visit_id', 'letter']);
        });
        DB::statement('ALTER TABLE checks ADD CONSTRAINT checks_signed_whole CHECK ((signed_at IS NULL) = (assessment IS NULL) AND (signed_at IS NULL) = (signed_by IS NULL) AND (signed_at IS NULL) = (rulebook IS NULL))');
    }

    public function down(): void
    {
        Schema::drop('checks');
    }
};
