<?php

/**
 * 60 technicians, each answering every 3 seconds, for 3 minutes: the slowest twentieth against one who is alone, in the same run.
 *
 * First one alone, 40 answers; then all of them, spread over the three seconds. `load_p95_vs_alone` is wanted at 4 or less.
 */

declare(strict_types=1);

use App\Models\User;
use Symfony\Component\Uid\UuidV7;

require __DIR__ . '/sessions.php';

const PEOPLE = 60;
const EVERY_NS = 3_000_000_000;
const SECONDS = 180;
const EACH_CHECK = 20;

$base = trim((string) shell_exec('sh bin/lib/serve.sh url'));
$users = User::query()->orderBy('id')->get();
$people = [];
for ($n = 0; $n < PEOPLE; $n++) {
    // Three checks each: a check holds about a hundred facts, and must not grow into something no check is.
    $people[] = [benchSession($users[$n % $users->count()]), [benchCheck(), benchCheck(), benchCheck()]];
}
$percentile = static function (array $times, float $at): float {
    sort($times);

    return $times[(int) min(count($times) - 1, floor($at * count($times)))];
};

$alone = [];
for ($n = 0; $n < 50; $n++) {
    $curl = benchAnswer($base, $people[0][1][0], ...[...$people[0][0], UuidV7::generate()]);
    curl_exec($curl);
    if ($n >= 10) {
        $alone[] = curl_getinfo($curl, CURLINFO_TOTAL_TIME);
    }
}

$multi = curl_multi_init();
$begun = hrtime(true);
$next = array_map(static fn(int $n): int => $begun + intdiv(EVERY_NS * $n, PEOPLE), range(0, PEOPLE - 1));
$sent = array_fill(0, PEOPLE, 0);
[$under, $times, $errors] = [[], [], 0];
while (hrtime(true) - $begun < SECONDS * 1e9 || $under !== []) {
    $now = hrtime(true);
    foreach ($next as $n => $when) {
        if ($when <= $now && $now - $begun < SECONDS * 1e9) {
            $curl = benchAnswer($base, $people[$n][1][min(2, intdiv($sent[$n]++, EACH_CHECK))], ...[...$people[$n][0], UuidV7::generate()]);
            $under[spl_object_id($curl)] = $curl;
            curl_multi_add_handle($multi, $curl);
            $next[$n] += EVERY_NS;
        }
    }
    curl_multi_exec($multi, $running);
    curl_multi_select($multi, 0.01);
    while (($done = curl_multi_info_read($multi)) !== false) {
        $curl = $done['handle'];
        unset($under[spl_object_id($curl)]);
        $times[] = curl_getinfo($curl, CURLINFO_TOTAL_TIME);
        $errors += curl_getinfo($curl, CURLINFO_RESPONSE_CODE) === 200 ? 0 : 1;
        curl_multi_remove_handle($multi, $curl);
    }
}
$lone = $percentile($alone, 0.5);
printf("bench: load_answers %d answers\n", count($times));
printf("bench: load_errors %d answers\n", $errors);
printf("bench: load_alone_ms %.1f ms\n", $lone * 1000);
printf("bench: load_p50_ms %.1f ms\n", $percentile($times, 0.5) * 1000);
printf("bench: load_p95_ms %.1f ms\n", $percentile($times, 0.95) * 1000);
printf("bench: load_p99_ms %.1f ms\n", $percentile($times, 0.99) * 1000);
printf("bench: load_p95_vs_alone %.2f x\n", $percentile($times, 0.95) / $lone);
exit($errors === 0 ? 0 : 1);
