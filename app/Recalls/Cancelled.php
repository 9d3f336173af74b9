<?php

declare(strict_types=1);

namespace App\Recalls;

use RuntimeException;

/** Somebody wanted a long work stopped; nothing of it is kept. */
final class Cancelled extends RuntimeException {}
