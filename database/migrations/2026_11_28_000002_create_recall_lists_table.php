<?php

declare(strict_types=1);

use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('recall_lists', static function (Blueprint $table): void {
            $table->id();
            $table->date('dated');
            $table->string('source')->default('');
            $table->unsignedInteger('size')->default(0);
            $table->foreignId('taken_by')->nullable()->constrained('users');
            $table->timestampsTz();
            $table->index(['dated', 'id']);
        });
    }

    public function down(): void
    {
        Filled::refuse('recall_lists');
        Schema::drop('recall_lists');
    }
};
