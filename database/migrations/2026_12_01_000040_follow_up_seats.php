<?php

declare(strict_types=1);

use App\Upkeep\Apart;
use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('follow_ups', static function (Blueprint $table): void {
            $table->foreignUuid('check_id')->constrained();
            $table->string('kind', 12);
            $table->date('due_on');
            $table->timestampTz('told_at')->nullable();
            $table->foreignId('told_by')->nullable()->constrained('users');
            $table->timestampTz('mailed_at')->nullable();
            $table->primary(['check_id', 'kind']);
            $table->index('due_on');
        });
        DB::statement("ALTER TABLE follow_ups ADD CONSTRAINT follow_ups_kind CHECK (kind IN ('outgrown', 'expires'))");
        Apart::keep('follow_ups');
    }

    public function down(): void
    {
        Filled::refuse('follow_ups');
        Schema::drop('follow_ups');
    }
};
