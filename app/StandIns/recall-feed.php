<?php

/**
 * A simulated recall feed: php -S 127.0.0.1:PORT app/StandIns/recall-feed.php
 *
 * /normal.json   today's list          /slow.json     the same after 20 seconds     /broken.json    an error of the server
 * /truncated.json  cut in the middle   /stale.json    a list of 90 days ago         /wrong.json     a list with a mistake in it
 */

declare(strict_types=1);

$path = parse_url(is_string($_SERVER['REQUEST_URI'] ?? null) ? $_SERVER['REQUEST_URI'] : '', PHP_URL_PATH);
$list = static function (int $daysOld): string {
    $campaigns = json_decode(
        (string) file_get_contents(dirname(__DIR__, 2) . '/database/demo/recall-feed.json'),
        true,
        16,
        JSON_THROW_ON_ERROR,
    );

    return json_encode(
        [
            'format' => 'mint-buckle/recall-list',
            'version' => 1,
            'dated' => (new DateTimeImmutable("-{$daysOld} days"))->format('Y-m-d'),
            'campaigns' => $campaigns,
        ],
        JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR,
    );
};
$send = static function (string $body, ?int $length = null): void {
    header('Content-Type: application/json');
    header('Content-Length: ' . ($length ?? strlen($body)));
    echo $body;
};
// Space before JSON is nothing; who has hung up is noticed while it is sent.
$slowly = static function (string $body): void {
    header('Content-Type: application/json');
    for ($i = 0; $i < 40; $i++) {
        echo ' ';
        ob_get_level() > 0 && ob_flush();
        flush();
        usleep(500_000);
    }
    echo $body;
};
match ($path) {
    '/normal.json' => $send($list(0)),
    '/slow.json' => $slowly($list(0)),
    '/stale.json' => $send($list(90)),
    '/truncated.json' => $send(substr($list(0), 0, 700)),
    '/wrong.json' => $send(str_replace('"stop_use"', '"burn_it"', $list(0))),
    default => http_response_code($path === '/broken.json' ? 500 : 404),
};
