<?php

declare(strict_types=1);

namespace App\Vehicles;

use App\Models\Check;
use App\Models\Visit;
use MintBuckle\Core\CaseFile\SectionReader;
use MintBuckle\Core\Facts\Vehicle;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Seating\Rider;
use MintBuckle\Core\Seating\SeatingRequest;
use stdClass;

/** A family's car as all of its checks know it together, with everybody in it. What one check knows of a place, the others need not ask. */
final readonly class FamilyVehicle
{
    /** @param list<string> $keep letters of children that are to stay where they are */
    public static function request(Visit $visit, array $keep = []): SeatingRequest
    {
        $cases = array_values($visit->checks->map(static fn(Check $check) => $check->caseOf(InspectionPhase::Left)->case)->all());
        $riders = [];
        foreach ($visit->checks->values() as $index => $check) {
            $setup = $cases[$index]->setup;
            $riders[] = new Rider(
                $check->letter,
                $cases[$index]->child,
                $cases[$index]->seat,
                $setup?->mode,
                $setup?->heldBy,
                $setup?->position,
                $setup?->position !== null && in_array($check->letter, $keep, true),
            );
        }

        return new SeatingRequest($cases[0]->today, $cases[0]->practice, self::vehicle($visit), $riders, $cases[0]->law);
    }

    private static function vehicle(Visit $visit): Vehicle
    {
        $told = [];
        $places = [];
        foreach ($visit->checks as $check) {
            $vehicle = $check->caseOf(InspectionPhase::Left)->raw->vehicle ?? null;
            $facts = $vehicle instanceof stdClass ? get_object_vars($vehicle) : [];
            $told[] = array_diff_key($facts, ['positions' => true]);
            foreach (is_array($facts['positions'] ?? null) ? $facts['positions'] : [] as $place) {
                if ($place instanceof stdClass && is_string($place->name ?? null)) {
                    $places[$place->name][] = get_object_vars($place);
                }
            }
        }
        uksort($places, static fn(string $a, string $b): int => [$a[0], strpos('LCR', $a[1])] <=> [$b[0], strpos('LCR', $b[1])]);
        $merged = (object) (self::together($told) + [
            'positions' => array_map(static fn(array $of): stdClass => (object) self::together($of), array_values($places)),
        ]);

        return SectionReader::read(Vehicle::class, $merged);
    }

    /**
     * What any check knows; what they tell differently nobody knows until it is looked at again.
     *
     * @param list<array<array-key, mixed>> $told
     * @return array<array-key, mixed>
     */
    private static function together(array $told): array
    {
        $values = [];
        foreach ($told as $facts) {
            foreach (array_filter($facts, static fn(mixed $fact): bool => $fact !== null) as $key => $fact) {
                $values[$key][json_encode($fact, JSON_THROW_ON_ERROR)] = $fact;
            }
        }

        return array_map(static fn(array $of): mixed => count($of) === 1 ? reset($of) : null, $values);
    }
}
