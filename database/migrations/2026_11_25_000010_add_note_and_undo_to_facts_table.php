<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('facts', static function (Blueprint $table): void {
            // The manual's page a figure was read from, or the family's reason.
            $table->string('note', 500)->nullable();
            // The fact that this one takes back; each can be taken back once.
            $table->foreignUuid('undoes')->nullable()->unique()->constrained('facts');
        });
    }

    public function down(): void
    {
        Schema::table('facts', static function (Blueprint $table): void {
            $table->dropColumn(['note', 'undoes']);
        });
    }
};
