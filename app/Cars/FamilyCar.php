<?php

declare(strict_types=1);

namespace App\Cars;

use App\Models\Check;
use App\Models\Visit;
use App\Track;
use MintBuckle\Core\CaseFile\Reading\Node;
use MintBuckle\Core\CaseFile\Reading\Problems;
use MintBuckle\Core\CaseFile\Reading\SceneReader;
use MintBuckle\Core\CaseFile\Vehicle;
use MintBuckle\Core\Seating\Rider;
use MintBuckle\Core\Seating\SeatingRequest;
use stdClass;

/** A family's car as all of its checks know it together, with everybody in it. What one check knows of a place, the others need not ask. */
final readonly class FamilyCar
{
    /** @param list<string> $keep letters of children that are to stay where they are */
    public static function request(Visit $visit, array $keep = []): SeatingRequest
    {
        $cases = array_values($visit->checks->map(static fn(Check $check) => $check->caseOf(Track::Left)->case)->all());
        $riders = [];
        foreach ($visit->checks->values() as $index => $check) {
            $setup = $cases[$index]->setup;
            $riders[] = new Rider($check->letter, $cases[$index]->child, $cases[$index]->seat, $setup?->mode, $setup?->heldBy, $setup?->position, $setup?->position !== null && in_array($check->letter, $keep, true));
        }

        return new SeatingRequest($cases[0]->today, $cases[0]->practice, $cases[0]->law, self::vehicle($visit), $riders);
    }

    private static function vehicle(Visit $visit): Vehicle
    {
        $merged = new stdClass();
        $places = [];
        foreach ($visit->checks as $check) {
            $vehicle = $check->caseOf(Track::Left)->raw->vehicle ?? null;
            foreach ($vehicle instanceof stdClass ? get_object_vars($vehicle) : [] as $key => $value) {
                $merged->{$key} ??= $value;
            }
            foreach ($vehicle instanceof stdClass && is_array($vehicle->positions ?? null) ? $vehicle->positions : [] as $place) {
                if ($place instanceof stdClass && is_string($place->name ?? null)) {
                    $places[$place->name] = (object) (array_filter((array) ($places[$place->name] ?? []), static fn(mixed $known): bool => $known !== null) + get_object_vars($place));
                }
            }
        }
        uksort($places, static fn(string $a, string $b): int => [$a[0], strpos('LCR', $a[1])] <=> [$b[0], strpos('LCR', $b[1])]);
        $merged->positions = array_values($places);

        return SceneReader::vehicle(new Node($merged, 'vehicle', new Problems()));
    }
}
