<?php

declare(strict_types=1);

namespace App\Accounts;

use RuntimeException;

/** Without this one nobody could let anybody in again. */
final class LastCoordinator extends RuntimeException {}
