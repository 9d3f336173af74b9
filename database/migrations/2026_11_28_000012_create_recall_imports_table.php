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
        Schema::create('recall_imports', static function (Blueprint $table): void {
            $table->id();
            $table->string('source');
            $table->string('path');
            $table->date('dated')->nullable();
            $table->string('state');
            $table->unsignedInteger('size')->nullable();
            $table->jsonb('problems')->default('[]');
            $table->jsonb('changes')->nullable();
            $table->foreignId('recall_list_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('begun_by')->constrained('users');
            $table->timestampsTz();
        });
        DB::statement(
            "ALTER TABLE recall_imports ADD CONSTRAINT recall_imports_state CHECK (state IN ('fetching', 'reading', 'ready', 'taking', "
                . "'taken', 'refused', 'cancelled'))",
        );
    }

    public function down(): void
    {
        Filled::refuse('recall_imports');
        Schema::drop('recall_imports');
    }
};
