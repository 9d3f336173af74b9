<?php

declare(strict_types=1);

namespace App\Accounts;

use RuntimeException;

/** Somebody signs in by that name already, in whichever organisation. */
final class TakenLogin extends RuntimeException {}
