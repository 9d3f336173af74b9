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
        Schema::table('seat_models', static function (Blueprint $table): void {
            $table->jsonb('about')->default(DB::raw("'{}'::jsonb"))
                ->comment('What its manual says besides, that no rule reads: whom to ask, where it is registered, its parts');
        });
    }

    public function down(): void
    {
        Filled::refuseColumn('seat_models', 'about', '{}');
        Schema::table('seat_models', static fn(Blueprint $table) => $table->dropColumn('about'));
    }
};
