<?php

/**
 * How old a screen of the event gets: asked again every second, or told by server-sent events; on a bad network, in the browser.
 *
 * 600 ms of latency, 30 kB/s, and away for three seconds of every twelve. Both ways follow the same changes in one run.
 */

declare(strict_types=1);

$report = tempnam(sys_get_temp_dir(), 'live');
putenv("LIVE_REPORT={$report}");
putenv('TEST_RUN=' . getmypid());
passthru(PHP_BINARY . ' -d pcov.enabled=0 vendor/bin/phpunit --no-progress bench/LiveBench.php 1>&2', $failed);
echo file_get_contents((string) $report);
unlink((string) $report);
shell_exec('sh bin/lib/pg.sh tidy ' . getmypid());
exit($failed);
