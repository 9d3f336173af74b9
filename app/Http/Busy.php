<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\QueryException;
use Illuminate\Http\Response;

/** A row that somebody else holds, or a database that takes too long: nobody's fault, nothing kept, to be tried again in a moment. */
final readonly class Busy
{
    /** PostgreSQL's own codes. */
    private const STATES = [
        '55P03', // lock_not_available
        '57014', // query_canceled, by statement_timeout
        '40P01', // deadlock_detected
        '40001', // serialization_failure
        '53300', // too_many_connections
    ];

    private const AGAIN_SECONDS = 2;

    /** @return Response|null null where it is a fault of another kind */
    public static function answer(QueryException $e): ?Response
    {
        return in_array((string) $e->getCode(), self::STATES, true)
            ? response()->view('errors.busy', [], 503, ['Retry-After' => (string) self::AGAIN_SECONDS])
            : null;
    }
}
