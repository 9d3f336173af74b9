<?php

declare(strict_types=1);

namespace App\Organisations;

use Illuminate\Database\Connectors\PostgresConnector;
use PDO;

/** A connection is used again by whoever comes next, and made anew when it was lost: either way it begins in the organisation of now. */
final class Connector extends PostgresConnector
{
    /** @param array<string, mixed> $config */
    public function connect(array $config): PDO
    {
        $pdo = parent::connect($config);
        $pdo->exec("set time zone 'UTC'; set mintbuckle.organisation = '" . resolve(CurrentOrganisation::class)->id() . "'");

        return $pdo;
    }
}
