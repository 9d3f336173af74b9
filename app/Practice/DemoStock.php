<?php

declare(strict_types=1);

namespace App\Practice;

use Database\Seeders\DemoFile;
use LogicException;
use MintBuckle\Core\Drill\DrillStock;
use stdClass;

/** Seats and cars of the demo: they ship with the project, so that one seed is one drill wherever it is made. */
final readonly class DemoStock
{
    public static function read(): DrillStock
    {
        $seats = $vests = [];
        foreach (DemoFile::list('seat-models') as $model) {
            $rules = $model->rules ?? null;
            if ($rules instanceof stdClass && ($model->kind ?? null) === 'vest') {
                $vests[] = $rules;
            } elseif ($rules instanceof stdClass) {
                $seats[] = $rules;
            }
        }
        $cars = array_values(array_filter(array_map(self::car(...), DemoFile::list('vehicle-layouts'))));

        return $seats === [] || $cars === []
            ? throw new LogicException('the demo has no seats or no cars')
            : new DrillStock($seats, $cars, $vests);
    }

    /** @return stdClass|null null for a mere shape, of whose belts nothing is known */
    private static function car(stdClass $layout): ?stdClass
    {
        $positions = is_array($layout->positions ?? null) ? $layout->positions : [];
        $known = array_filter($positions, static fn(mixed $place): bool => $place instanceof stdClass && isset($place->belt));
        $name = is_string($layout->name ?? null) ? $layout->name : '';

        return count($known) < count($positions) || $known === [] ? null : (object) [
            'model_year' => preg_match('/\b(?:19|20)\d\d\b/', $name, $year) === 1 ? (int) $year[0] : null,
            'positions' => $positions,
        ];
    }
}
