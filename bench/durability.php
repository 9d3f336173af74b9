<?php

/**
 * 5,000 answers of 24 people while processes are killed hard, one every five seconds: every acknowledged fact is there once.
 *
 * Killed in turn: a page's worker, their parent, the queue's worker, the web server and one of its own, and the database. What was not
 * acknowledged is sent again under the same id, as the page does.
 */

declare(strict_types=1);

use App\Models\Check;
use App\Models\Fact;
use App\Models\User;
use Symfony\Component\Process\Process;
use Symfony\Component\Uid\UuidV7;

require __DIR__ . '/sessions.php';

const PEOPLE = 24;
const ANSWERS = 5000;
const EACH_CHECK = 25;

$root = dirname(__DIR__);
$base = trim((string) shell_exec('sh bin/lib/serve.sh url'));
$users = User::query()->orderBy('id')->get();
$sessions = [];
for ($n = 0; $n < PEOPLE; $n++) {
    $sessions[] = benchSession($users[$n % $users->count()]);
}
$victims = [
    'php-fpm: pool app',
    "php-fpm: master process \\({$root}/",
    'artisan queue:work',
    "nginx: master process .* -p {$root}/",
    'nginx: worker process',
    'DATABASE',
];
// By environment, not as arguments: looked for by what stands in its command line, it would find and kill itself.
$killer = new Process(['sh', '-c', <<<'SH'
    while kill -0 "$PARENT" 2> /dev/null; do
        echo "$VICTIMS" | while IFS= read -r victim; do
            sleep 5
            # Ends with whoever began it, however that ended.
            kill -0 "$PARENT" 2> /dev/null || exit 0
            if [ "$victim" = DATABASE ]; then pid=$(head -1 .pg/data/postmaster.pid); else pid=$(pgrep -f "$victim" | shuf -n 1); fi
            [ -z "$pid" ] || ! kill -9 "$pid" || echo "killed $victim"
        done
    done
    SH], $root, ['VICTIMS' => implode("\n", $victims), 'PARENT' => (string) getmypid()], null, null);

$checks = [];
$check = static function (int $person) use (&$checks): Check {
    // A check holds about a hundred facts; it must not grow into something no check is.
    [$one, $used] = $checks[$person] ?? [null, EACH_CHECK];
    if ($one === null || $used >= EACH_CHECK) {
        [$one, $used] = [benchCheck(), 0];
    }
    $checks[$person] = [$one, $used + 1];

    return $one;
};
// Made beforehand: while the database is killed, this process could not make them.
$waiting = [];
for ($n = 0; $n < ANSWERS; $n++) {
    $waiting[] = [$n % PEOPLE, $check($n % PEOPLE), UuidV7::generate()];
}

$killer->start();
$multi = curl_multi_init();
[$under, $acknowledged, $again, $free, $later] = [[], [], 0, range(0, PEOPLE - 1), []];
$begun = hrtime(true);
while (count($acknowledged) < ANSWERS) {
    $now = hrtime(true);
    foreach ($later as $key => [$when, $one]) {
        if ($when <= $now) {
            $waiting[] = $one;
            unset($later[$key]);
        }
    }
    while (count($under) < PEOPLE && $waiting !== []) {
        $one = array_shift($waiting);
        $curl = benchAnswer($base, $one[1], ...[...$sessions[$one[0]], $one[2]]);
        $under[(int) spl_object_id($curl)] = [$curl, $one];
        curl_multi_add_handle($multi, $curl);
    }
    curl_multi_exec($multi, $running);
    curl_multi_select($multi, 0.05);
    while (($done = curl_multi_info_read($multi)) !== false) {
        [$curl, $one] = $under[spl_object_id($done['handle'])];
        unset($under[spl_object_id($done['handle'])]);
        if (curl_getinfo($curl, CURLINFO_RESPONSE_CODE) === 200) {
            $acknowledged[] = $one[2];
        } else {
            $again++;
            $later[] = [hrtime(true) + 300_000_000, $one];
        }
        curl_multi_remove_handle($multi, $curl);
    }
    if (hrtime(true) - $begun > 900e9) {
        fwrite(STDERR, count($acknowledged) . " answers in fifteen minutes, then given up.\n");
        break;
    }
}
$seconds = (hrtime(true) - $begun) / 1e9;
$killer->stop(0);
$kills = substr_count($killer->getOutput(), 'killed');
sleep(3);
DB::reconnect();
$kept = 0;
$twice = 0;
foreach (array_chunk($acknowledged, 1000) as $ids) {
    $rows = Fact::rows()->whereIn('id', $ids)->pluck('id');
    $kept += $rows->unique()->count();
    $twice += $rows->count() - $rows->unique()->count();
}
printf("bench: durability_kills %d kills in %.0f s\n", $kills, $seconds);
printf("bench: durability_sent_again %d answers\n", $again);
printf("bench: durability_lost %d facts of %d\n", count($acknowledged) - $kept, count($acknowledged));
printf("bench: durability_twice %d facts\n", $twice);
exit(count($acknowledged) === ANSWERS && $kept === ANSWERS && $twice === 0 ? 0 : 1);
