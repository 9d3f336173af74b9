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
        Schema::create('campaigns', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('recall_list_id')->constrained()->cascadeOnDelete();
            $table->string('code', 2000);
            $table->string('maker', 2000);
            $table->string('advice');
            $table->jsonb('models');
            $table->date('made_from')->nullable();
            $table->date('made_to')->nullable();
            $table->string('serial_from', 2000)->nullable();
            $table->string('serial_to', 2000)->nullable();
            $table->string('defect', 2000)->nullable();
            $table->string('remedy', 2000)->nullable();
            $table->unique(['recall_list_id', 'code']);
            // What a key belongs to belongs to the key's list.
            $table->unique(['id', 'recall_list_id']);
        });
        DB::statement("ALTER TABLE campaigns ADD CONSTRAINT campaigns_advice CHECK (advice IN ('stop_use', 'usable_until_remedy'))");
    }

    public function down(): void
    {
        Filled::refuse('campaigns');
        Schema::drop('campaigns');
    }
};
