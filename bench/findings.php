<?php

/**
 * The figures of the findings on a million signed checks, as a ratio to one indexed select of a check: all, an event, a kind of seat.
 *
 * 2,000 events of ten years and three practices in a database of its own, dropped afterwards. The sums are made from the checks, which
 * is timed too; medians of rounds in one run. Eight years and a half, ten months at either end by themselves, are told beside.
 */

declare(strict_types=1);

use App\Findings\Findings;
use App\Findings\FindingsFilter;
use App\Findings\RollUp;
use App\Http\Requests\PlainRequest;
use App\Organisations\CurrentOrganisation;
use App\Organisations\Door;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Catalogue\SeatKind;
use MintBuckle\Core\Rulebook;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestDatabase;

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/../bin/lib/median.php';

const EVENTS = 2_000;
const EACH = 500;
const OUTCOMES = 400;

TestDatabase::use('findings');
/** @var Illuminate\Foundation\Application $app */
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
resolve(CurrentOrganisation::class)->enter(Door::Only);

$random = new Randomizer(new Mt19937(19));
$codes = array_map(static fn($code): string => $code->value, Rulebook::current()->codes());
$outcomes = [];
for ($n = 0; $n < OUTCOMES; $n++) {
    $counts = ['left/' . $random->shuffleArray(['good_to_ride', 'fix_first', 'do_not_use'])[0] => 1, 'erring/' => 1];
    foreach ($random->pickArrayKeys($codes, $random->getInt(2, 5)) as $index) {
        $counts["found/{$codes[$index]}"] = 1;
        $counts["put_right/{$codes[$index]}"] = 1;
    }
    $outcomes[] = json_encode([
        'kind' => $random->shuffleArray(SeatKind::values())[0],
        'model' => $random->getInt(1, 12),
        'counts' => $counts + ['minutes/20' => 1, 'seconds/' => $random->getInt(600, 3_000)],
        'family' => ['waited/10' => 1, 'seconds_waited/' => $random->getInt(0, 3_000)],
    ], JSON_THROW_ON_ERROR);
}
DB::statement('CREATE TEMP TABLE outcomes (n int primary key, outcome jsonb)');
DB::table('outcomes')->insert(array_map(static fn(int $n): array => ['n' => $n, 'outcome' => $outcomes[$n]], array_keys($outcomes)));
$start = hrtime(true);
DB::statement(
    "INSERT INTO checkup_events (id, name, place, held_on, practice, crash_policy, second_signer, timezone, bays, minutes_per_seat,
        walk_in_share, law_sources, opened_at, closed_at, created_at)
    SELECT 1000 + n, 'Event ' || n, '', date '2016-01-01' + n * 2, (array['us', 'nz', 'au'])[1 + n % 3], 'strict', false, 'UTC', 8, 30,
        0, '{}', now(), now(), now()
    FROM generate_series(1, ?::int) AS n",
    [EVENTS],
);
DB::statement(
    "INSERT INTO visits (id, checkup_event_id, ticket, vehicle, submission, arrived_at, called_at, left_at, received_by, language, adults)
    SELECT 1000000 + n, 1001 + n / ?::int, n % ?::int + 1, '', gen_random_uuid(), now(), now(), now(), 1, 'en', 1
    FROM generate_series(0, ?::int - 1) AS n",
    [EACH, EACH, EVENTS * EACH],
);
DB::statement(
    "INSERT INTO checks (id, visit_id, letter, signed_at, signed_by, rulebook, assessment, outcome, verdict, judged_by)
    SELECT gen_random_uuid(), 1000000 + s.n, 'A', now(), 1, '1', '{}', outcome, 'good_to_ride', '1'
    FROM generate_series(0, ?::int - 1) AS s (n) JOIN outcomes ON outcomes.n = (s.n * 79) % ?::int",
    [EVENTS * EACH, OUTCOMES],
);
printf("bench: findings_seeded_s %.0f s\n", (hrtime(true) - $start) / 1e9);
$start = hrtime(true);
$sums = RollUp::rebuild();
printf("bench: findings_rebuild_s %.1f s (%d sums)\n", (hrtime(true) - $start) / 1e9, $sums);
TestDatabase::sql('VACUUM ANALYZE roll_ups, checks, visits, checkup_events', DB::getDatabaseName());

$id = DB::table('checks')->value('id');
$select = static fn() => DB::table('checks')->where('id', $id)->first(['id', 'verdict', 'signed_at']);
$filters = array_map(
    static fn(array $query): FindingsFilter => FindingsFilter::of(PlainRequest::create('/findings', 'GET', $query)),
    [
        'all' => [],
        'event' => ['event' => '1500'],
        'range' => ['from' => '2017-03', 'to' => '2025-10'],
        'kind' => ['practice' => 'us', 'kind' => 'convertible'],
    ],
);
$works = array_map(static fn(FindingsFilter $filter): Closure => static fn() => Findings::figures($filter), $filters);
$medians = mediansInTurn($select, ...array_values($works));
$ratios = [];
foreach (array_keys($works) as $index => $name) {
    $ratios[$name] = $ratio = $medians[$index + 1] / $medians[0];
    printf("bench: findings_%s_ratio %.2f x (%.0f us)\n", $name, $ratio, $medians[$index + 1]);
}
printf("bench: findings_seats %d seats\n", (int) Findings::figures($filters['all'])->seats());
printf("bench: findings_ratio %.2f x\n", max(array_diff_key($ratios, ['range' => true])));
