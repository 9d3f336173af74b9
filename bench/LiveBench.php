<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Symfony\Component\Process\Process;

require_once __DIR__ . '/../tests/Browser/BrowserTestCase.php';

/** Two browsers beside each other: one asks again, one listens. */
final class LiveBench extends BrowserTestCase
{
    private const CHANGES = 18;

    private const ASKS = <<<'JS'
        window.told = [];
        window.seen = document.getElementById('event-board').dataset.seen;
        document.getElementById('event-board').remove();
        const ask = async () => {
            try {
                const answer = await fetch(`/events/live?seen=${window.seen}`, {headers: {'HX-Request': 'true'}});
                if (answer.status === 200) {
                    const page = await answer.text();
                    window.seen = page.match(/data-seen="(\w+)"/)[1];
                    window.told.push([Date.now(), page]);
                }
            } catch { /* away */ }
            setTimeout(ask, 1000);
        };
        ask();
        JS;

    private const LISTENS = <<<'JS'
        window.told = []; document.getElementById('event-board').remove();
        const source = new EventSource('/bench/live');
        source.addEventListener('update', (event) => window.told.push([Date.now(), event.data]));
        JS;

    /** The server's own workers outlive it. */
    public static function tearDownAfterClass(): void
    {
        parent::tearDownAfterClass();
        (new Process(['pkill', '-f', (string) parse_url(self::$base, PHP_URL_HOST) . ':' . parse_url(self::$base, PHP_URL_PORT)]))->run();
    }

    protected static function environment(): array
    {
        return ['MINT_BUCKLE_BENCH' => '1', 'PHP_CLI_SERVER_WORKERS' => '6'];
    }

    public function testBoth(): void
    {
        $ways = ['asked' => [self::$driver, self::ASKS], 'listened' => [self::anotherBrowser(), self::LISTENS]];
        $first = self::$driver;
        foreach ($ways as [$driver, $script]) {
            self::$driver = $driver;
            self::signIn('ines');
            $driver->executeScript($script);
            self::network($driver, false);
        }
        sleep(3);
        $made = [];
        for ($change = 1; $change <= self::CHANGES; $change++) {
            $away = $change % 3 === 0;
            foreach ($away ? $ways : [] as [$driver]) {
                self::network($driver, true);
            }
            usleep(random_int(0, 1_500_000));
            self::database("UPDATE visits SET vehicle = 'Car {$change}.' WHERE checkup_event_id = 1 AND ticket = 9");
            $made[$change] = microtime(true) * 1_000;
            sleep(3);
            foreach ($away ? $ways : [] as [$driver]) {
                self::network($driver, false);
            }
            sleep($away ? 6 : 1);
        }
        $lines = '';
        foreach ($ways as $way => [$driver]) {
            $lines .= self::lines($way, $driver, $made);
        }
        self::$driver = $first;
        file_put_contents((string) getenv('LIVE_REPORT'), $lines);
        self::assertNotSame('', $lines);
    }

    private static function network(RemoteWebDriver $driver, bool $away): void
    {
        $tools = new ChromeDevToolsDriver($driver);
        $tools->execute('Network.enable');
        $bad = ['latency' => 600, 'downloadThroughput' => 30_000, 'uploadThroughput' => 30_000];
        $tools->execute('Network.emulateNetworkConditions', ['offline' => $away] + $bad);
    }

    /** @param array<int, float> $made when each change was, in ms */
    private static function lines(string $way, RemoteWebDriver $driver, array $made): string
    {
        /** @var list<array{float, string}> $told */
        $told = $driver->executeScript('return window.told;');
        $late = ['on' => [], 'away' => []];
        foreach ($made as $change => $at) {
            foreach ($told as [$when, $page]) {
                if ($when >= $at && preg_match('/Car (\d+)\./', $page, $m) === 1 && (int) $m[1] >= $change) {
                    $late[$change % 3 === 0 ? 'away' : 'on'][] = ($when - $at) / 1_000;
                    break;
                }
            }
        }
        $lines = '';
        foreach ($late as $network => $seconds) {
            sort($seconds);
            $half = $seconds[intdiv(count($seconds), 2)] ?? NAN;
            $lines .= sprintf("bench: %s_%s_median_s %.2f s (%d shown)\n", $way, $network, $half, count($seconds));
            $lines .= sprintf("bench: %s_%s_worst_s %.2f s\n", $way, $network, $seconds === [] ? NAN : max($seconds));
        }

        return $lines;
    }
}
