<?php

declare(strict_types=1);

namespace App\Logging;

use Illuminate\Database\QueryException;
use Illuminate\Log\Logger;
use Monolog\Logger as Monolog;
use Monolog\LogRecord;
use Throwable;

/** What goes wrong with the database is logged without what was to be written: that may be a child's name. */
final readonly class WithoutPersons
{
    private const LINES = 12;

    public function __invoke(Logger $logger): void
    {
        $under = $logger->getLogger();
        if (! $under instanceof Monolog) {
            return;
        }
        $under->pushProcessor(self::of(...));
    }

    public static function of(LogRecord $record): LogRecord
    {
        $thrown = $record->context['exception'] ?? null;
        $query = $thrown instanceof Throwable ? self::query($thrown) : null;
        if (! $thrown instanceof Throwable || $query === null) {
            return $record;
        }
        $lines = array_slice(explode("\n", $query->getTraceAsString()), 0, self::LINES);

        return $record->with(
            message: "the database refused ({$query->getCode()}): {$query->getSql()}",
            context: ['exception' => $thrown::class, 'at' => array_map(self::withoutArguments(...), $lines)]
                + array_diff_key($record->context, ['exception' => true]),
        );
    }

    private static function query(Throwable $thrown): ?QueryException
    {
        for ($one = $thrown; $one !== null; $one = $one->getPrevious()) {
            if ($one instanceof QueryException) {
                return $one;
            }
        }

        return null;
    }

    private static function withoutArguments(string $line): string
    {
        return (string) preg_replace('/\(.*\)$/', '()', $line);
    }
}
