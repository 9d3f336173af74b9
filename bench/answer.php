<?php

/**
 * Posting one fact and getting the page part, against a bare Blade page with one query on the same server, same run.
 *
 * Both go through nginx and php-fpm with a signed-in session, in turns, so that the machine's mood hits both alike.
 */

declare(strict_types=1);

use Symfony\Component\Uid\UuidV7;

require __DIR__ . '/sessions.php';

$base = trim((string) shell_exec('sleep 1; sh bin/lib/serve.sh url'));
$jar = tempnam(sys_get_temp_dir(), 'bench');
$curl = curl_init();
curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar, CURLOPT_TIMEOUT => 20]);

/** @param array<string, string>|null $post */
$send = static function (string $path, ?array $post = null, array $headers = []) use ($curl, $base): string {
    curl_setopt_array(
        $curl,
        [CURLOPT_URL => $base . $path, CURLOPT_HTTPHEADER => $headers] + (
            $post === null ? [CURLOPT_HTTPGET => true] : [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query($post)]
        ),
    );

    return (string) curl_exec($curl);
};
$token = static fn(string $html): string => preg_match('/name="_token" value="([^"]+)"/', $html, $m) === 1 ? $m[1] : '';

$send('/sign-in', ['_token' => $token($send('/sign-in')), 'login' => 'wren', 'password' => 'market-day']);
$check = benchCheck();
$page = $send("/checks/{$check->id}/left/measure");
$csrf = $token($page);
$answers = 0;
$times = ['answer' => [], 'bare' => []];
for ($i = 0; $i < 140; $i++) {
    if ($i % 20 === 19) {
        // A check holds about a hundred facts; it must not grow into something no check is.
        $check = benchCheck();
    }
    $fact = ['_token' => $csrf, 'id' => UuidV7::generate(), 'phase' => 'left', 'key' => 'setup.wedge', 'answer' => 'none'];
    $start = hrtime(true);
    $part = $send("/checks/{$check->id}/facts/measure", $fact, ['HX-Request: true']);
    $times['answer'][] = hrtime(true) - $start;
    $answers += str_contains($part, 'id="check"') && curl_getinfo($curl, CURLINFO_RESPONSE_CODE) === 200 ? 1 : 0;
    $start = hrtime(true);
    $bare = $send('/bare');
    $times['bare'][] = hrtime(true) - $start;
    $answers += str_contains($bare, 'Harvest market') ? 1 : 0;
}
unlink($jar);
if ($answers !== 280) {
    fwrite(STDERR, "Only {$answers} of 280 answers were right.\n");
    exit(1);
}
$median = static function (array $values): float {
    $values = array_slice($values, 20);
    sort($values);

    return $values[intdiv(count($values), 2)] / 1_000_000;
};
printf("bench: answer_ms %.1f ms\n", $median($times['answer']));
printf("bench: bare_ms %.1f ms\n", $median($times['bare']));
printf("bench: answer_vs_bare %.2f x\n", $median($times['answer']) / $median($times['bare']));
printf("bench: answer_bytes %d bytes\n", strlen(gzencode($part) ?: ''));
