<?php

/**
 * One seat against a list of 100,000 campaigns: narrowed by PostgreSQL, matched by the core; as a ratio to a select by primary key.
 *
 * The list is made inside a transaction of the development database and rolled back. Medians of rounds in one run.
 */

declare(strict_types=1);

use App\Models\Campaign;
use App\Models\RecallList;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\CaseFile\SectionReader;
use MintBuckle\Core\Facts\Campaign as CoreCampaign;
use MintBuckle\Core\Facts\RecallList as CoreList;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Recall\RecallAnswer;

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/../bin/lib/median.php';

(require __DIR__ . '/../bootstrap/app.php')->make(Kernel::class)->bootstrap();
resolve(\App\Organisations\CurrentOrganisation::class)->enter(\App\Organisations\Door::Login, 'wren');
DB::beginTransaction();
$list = RecallList::query()->create(['dated' => '2026-01-01', 'source' => 'bench', 'size' => 100_000]);
DB::statement(
    "INSERT INTO campaigns (id, recall_list_id, code, maker, advice, models) SELECT 10000000 + n, ?, 'B-' || n, 'Maker ' || n % 200, "
        . "'stop_use', jsonb_build_array('M' || n / 200 || '*') FROM generate_series(1, 100000) n",
    [$list->id],
);
DB::statement(
    "INSERT INTO campaign_keys (campaign_id, recall_list_id, maker, beginning) SELECT 10000000 + n, ?, 'maker' || n % 200, 'm' || n / "
        . "200 FROM generate_series(1, 100000) n",
    [$list->id],
);
DB::select('SELECT count_campaigns()');

$seat = new Seat(maker: 'Maker 17', model: 'M-444');
$matched = 0;
$narrow = static function () use ($list, $seat, &$matched): void {
    // A fresh model, so that nothing is remembered from the round before.
    $said = (new RecallList())->forceFill(['id' => $list->id])->narrowed($seat->maker, $seat->model);
    $campaigns = array_map(static fn(stdClass $one) => SectionReader::read(CoreCampaign::class, $one), $said);
    $matched = count(RecallAnswer::of(new CoreList(CalendarDate::of(2026, 1, 1), $campaigns), $seat)->matches);
};
[$match, $byKey] = mediansInTurn($narrow, static fn() => Campaign::query()->find(10050000));
DB::rollBack();

printf("bench: recall_match_ms %.2f ms (%d campaigns match)\n", $match / 1000, $matched);
printf("bench: recall_match_vs_primary_key %.1f x\n", $match / $byKey);
