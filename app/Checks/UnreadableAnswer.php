<?php

declare(strict_types=1);

namespace App\Checks;

use RuntimeException;

/** What was typed cannot be read; the message says what to do. */
final class UnreadableAnswer extends RuntimeException {}
