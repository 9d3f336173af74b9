<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\DetectsLostConnections;
use Illuminate\Database\QueryException;
use Illuminate\Http\Response;

/** A row that somebody else holds, or a database that is away or too slow: nobody's fault, nothing kept, to be tried again in a moment. */
final class Busy
{
    use DetectsLostConnections;

    /** PostgreSQL's own codes. */
    private const STATES = [
        '55P03', // lock_not_available
        '57014', // query_canceled, by statement_timeout
        '40P01', // deadlock_detected
        '40001', // serialization_failure
        '53300', // too_many_connections
        '57P01', // admin_shutdown
        '57P03', // cannot_connect_now
    ];

    private const AGAIN_SECONDS = 2;

    /** @return Response|null null where it is a fault of another kind */
    public static function answer(QueryException $e): ?Response
    {
        return in_array((string) $e->getCode(), self::STATES, true) || (new self())->causedByLostConnection($e)
            ? response()->view('errors.busy', [], 503, ['Retry-After' => (string) self::AGAIN_SECONDS])
            : null;
    }
}
