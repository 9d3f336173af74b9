<?php

declare(strict_types=1);

namespace Database\Seeders;

use stdClass;

/** The demo's data as it lies in database/demo. */
final readonly class DemoFile
{
    /** @return list<stdClass> */
    public static function list(string $name): array
    {
        $rows = self::decode($name);

        return is_array($rows) ? array_values(array_filter($rows, static fn(mixed $row): bool => $row instanceof stdClass)) : [];
    }

    public static function object(string $name): object
    {
        $object = self::decode($name);
        assert(is_object($object));

        return $object;
    }

    /** @return list<array<string, mixed>> each row's columns */
    public static function rows(string $name): array
    {
        return array_map(static function (stdClass $row): array {
            /** @var array<string, mixed> $columns */
            $columns = get_object_vars($row);

            return $columns;
        }, self::list($name));
    }

    private static function decode(string $name): mixed
    {
        return json_decode((string) file_get_contents(database_path("demo/{$name}.json")), false, 64, JSON_THROW_ON_ERROR);
    }
}
