<?php

/**
 * Other pages while four feeds are slow and somebody holds one row: the slowest hundredth, wanted under 500 ms.
 *
 * The row is a visit's; six people go on answering at its check and are told to come again. Meanwhile the event, the catalogue, the
 * handbook, another check and answers at it are asked for, two at a time.
 */

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Uid\UuidV7;

require __DIR__ . '/sessions.php';

const ASKED = 400;
const AT_ONCE = 2;
const STUCK = 6;

$base = trim((string) shell_exec('sh bin/lib/serve.sh url'));
$person = User::query()->where('login', 'wren')->firstOrFail();
[$held, $other] = [benchCheck(), benchCheck()];
[$cookie, $token] = benchSession($person);
$get = static function (string $path) use ($base, $cookie): CurlHandle {
    $curl = curl_init($base . $path);
    curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 20, CURLOPT_COOKIE => $cookie]);

    return $curl;
};
$sessions = array_map(static fn(): array => benchSession($person), range(1, AT_ONCE + STUCK));
$answer = static function (App\Models\Check $check) use ($base, $sessions): CurlHandle {
    static $count = 0;

    return benchAnswer($base, $check, ...[...$sessions[$count++ % count($sessions)], UuidV7::generate()]);
};
$pages = [
    static fn(): CurlHandle => $get('/'),
    static fn(): CurlHandle => $get('/seats'),
    static fn(): CurlHandle => $get('/handbook'),
    static fn(): CurlHandle => $get("/checks/{$other->id}/left/measure"),
    static fn(): CurlHandle => $answer($other),
];

for ($n = 0; $n < 4; $n++) {
    $feed = $get('/recalls/feed');
    curl_setopt_array($feed, [CURLOPT_POSTFIELDS => http_build_query(['_token' => $token, 'behaviour' => 'slow'])]);
    curl_exec($feed);
}
DB::beginTransaction();
DB::table('visits')->where('id', $held->visit_id)->lockForUpdate()->get();

$multi = curl_multi_init();
[$under, $times, $stuck, $wrong, $sent, $asked] = [[], [], 0, 0, 0, 0];
while ($sent < ASKED || $asked > 0) {
    while ($stuck < STUCK && $sent < ASKED) {
        $curl = $answer($held);
        $under[spl_object_id($curl)] = [$curl, true];
        curl_multi_add_handle($multi, $curl);
        $stuck++;
    }
    while ($asked < AT_ONCE && $sent < ASKED) {
        $curl = $pages[$sent++ % count($pages)]();
        $under[spl_object_id($curl)] = [$curl, false];
        curl_multi_add_handle($multi, $curl);
        $asked++;
    }
    curl_multi_exec($multi, $running);
    curl_multi_select($multi, 0.01);
    while (($done = curl_multi_info_read($multi)) !== false) {
        [$curl, $isStuck] = $under[spl_object_id($done['handle'])];
        unset($under[spl_object_id($done['handle'])]);
        $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        $wrong += $status === ($isStuck ? 503 : 200) ? 0 : 1;
        if ($isStuck) {
            $stuck--;
        } else {
            $asked--;
            $times[] = curl_getinfo($curl, CURLINFO_TOTAL_TIME) * 1000;
        }
        curl_multi_remove_handle($multi, $curl);
    }
}
DB::rollBack();
sort($times);
printf("bench: held_p50_ms %.1f ms\n", $times[(int) (ASKED * 0.5)]);
printf("bench: held_p99_ms %.1f ms\n", $times[(int) (ASKED * 0.99) - 1]);
printf("bench: held_wrong %d answers\n", $wrong);
exit($wrong === 0 ? 0 : 1);
