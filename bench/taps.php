<?php

/**
 * Presses and typed entries of whole checks on a phone, from "take into bay" to "gone home", in the real browser.
 *
 * The walks are those of tests/Browser/TapsTest.php, which also holds them to what was asked for.
 */

declare(strict_types=1);

$report = tempnam(sys_get_temp_dir(), 'taps');
putenv("TAPS_REPORT={$report}");
putenv('TEST_RUN=' . getmypid());
passthru(PHP_BINARY . ' -d pcov.enabled=0 vendor/bin/phpunit --no-progress tests/Browser/TapsTest.php 1>&2', $failed);
echo file_get_contents((string) $report);
unlink((string) $report);
shell_exec('sh bin/lib/pg.sh tidy ' . getmypid());
exit($failed);
