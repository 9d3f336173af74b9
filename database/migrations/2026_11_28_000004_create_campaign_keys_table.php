<?php

declare(strict_types=1);

use App\Upkeep\Filled;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('campaign_keys', static function (Blueprint $table): void {
            $table->unsignedBigInteger('campaign_id');
            $table->unsignedBigInteger('recall_list_id');
            $table->string('maker', 2000);
            $table->string('beginning', 2000);
            $table->foreign(['campaign_id', 'recall_list_id'])->references(['id', 'recall_list_id'])->on('campaigns')->cascadeOnDelete();
            // In the order in which it is looked into: list, maker, beginning of the model number.
            $table->primary(['recall_list_id', 'maker', 'beginning', 'campaign_id']);
            $table->index('campaign_id');
        });
    }

    public function down(): void
    {
        Filled::refuse('campaign_keys');
        Schema::drop('campaign_keys');
    }
};
