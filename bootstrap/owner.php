<?php

declare(strict_types=1);

// Begun by root, what is written below storage stays writable for the group of whoever else writes there.
umask(function_exists('posix_geteuid') && posix_geteuid() === 0 && filegroup(dirname(__DIR__) . '/storage') !== 0 ? 0o002 : umask());
