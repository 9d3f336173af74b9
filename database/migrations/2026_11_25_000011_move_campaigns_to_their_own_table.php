<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use MintBuckle\Core\CaseFile\SectionReader;
use MintBuckle\Core\Facts\Campaign;
use MintBuckle\Core\Recall\CandidateKeys;

/** A list may hold a hundred thousand campaigns; a check looks only at those that can concern its seat. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('campaigns', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('recall_list_id')->constrained()->cascadeOnDelete();
            $table->string('code', 2000);
            $table->jsonb('said');
            $table->unique(['recall_list_id', 'code']);
        });
        Schema::create('campaign_keys', static function (Blueprint $table): void {
            $table->foreignId('campaign_id')->constrained()->cascadeOnDelete();
            $table->foreignId('recall_list_id')->constrained()->cascadeOnDelete();
            $table->string('maker', 2000);
            $table->string('beginning', 2000);
            $table->index(['recall_list_id', 'maker', 'beginning']);
            $table->index('campaign_id');
        });
        foreach (DB::table('recall_lists')->orderBy('id')->get() as $list) {
            self::move($list);
        }
        Schema::table('recall_lists', static function (Blueprint $table): void {
            $table->dropColumn('campaigns');
            $table->string('source')->default('');
            $table->unsignedInteger('size')->default(0);
            $table->foreignId('taken_by')->nullable()->constrained('users');
        });
        DB::statement('UPDATE recall_lists SET size = (SELECT count(*) FROM campaigns WHERE recall_list_id = recall_lists.id)');
    }

    private static function move(stdClass $list): void
    {
        foreach ((array) json_decode(is_string($list->campaigns) ? $list->campaigns : '[]') as $said) {
            assert($said instanceof stdClass);
            $campaign = SectionReader::read(Campaign::class, $said);
            $id = DB::table('campaigns')->insertGetId(['recall_list_id' => $list->id, 'code' => $campaign->id, 'said' => json_encode($said, JSON_THROW_ON_ERROR)]);
            foreach (CandidateKeys::ofCampaign($campaign) as $beginning) {
                DB::table('campaign_keys')->insert(['campaign_id' => $id, 'recall_list_id' => $list->id, 'maker' => CandidateKeys::maker($campaign->maker), 'beginning' => $beginning]);
            }
        }
    }

    public function down(): void
    {
        Schema::table('recall_lists', static function (Blueprint $table): void {
            $table->dropColumn(['source', 'size', 'taken_by']);
            $table->jsonb('campaigns')->default('[]');
        });
        Schema::drop('campaign_keys');
        Schema::drop('campaigns');
    }
};
