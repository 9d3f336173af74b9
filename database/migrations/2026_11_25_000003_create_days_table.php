<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('days', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('place');
            $table->date('held_on');
            $table->string('practice');
            $table->string('crash_policy');
            $table->boolean('second_signer');
            $table->jsonb('law');
            $table->foreignId('recall_list_id')->nullable()->constrained();
            $table->timestamps();
        });
        DB::statement("ALTER TABLE days ADD CONSTRAINT days_practice CHECK (practice IN ('us', 'nz', 'au'))");
        DB::statement("ALTER TABLE days ADD CONSTRAINT days_crash CHECK (crash_policy = 'strict' OR (crash_policy = 'minor_crash' AND practice = 'us'))");
    }

    public function down(): void
    {
        Schema::drop('days');
    }
};
