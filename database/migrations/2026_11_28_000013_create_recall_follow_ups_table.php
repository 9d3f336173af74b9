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
        Schema::create('recall_follow_ups', static function (Blueprint $table): void {
            $table->foreignId('recall_list_id')->constrained()->cascadeOnDelete();
            $table->foreignUuid('check_id')->constrained()->cascadeOnDelete();
            $table->string('answer');
            $table->jsonb('campaigns');
            $table->timestampTz('told_at')->nullable();
            $table->foreignId('told_by')->nullable()->constrained('users');
            $table->primary(['recall_list_id', 'check_id']);
            $table->index('check_id');
        });
        DB::statement("ALTER TABLE recall_follow_ups ADD CONSTRAINT recall_follow_ups_answer CHECK (answer IN ('affected', 'possible'))");
    }

    public function down(): void
    {
        Filled::refuse('recall_follow_ups');
        Schema::drop('recall_follow_ups');
    }
};
