<?php

declare(strict_types=1);

namespace Tests\Golden;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Seating\Arrangement;
use MintBuckle\Core\Seating\SeatingPlanner;
use MintBuckle\Core\Seating\SeatingReader;
use MintBuckle\Present\Drawing\CarPlan;
use MintBuckle\Present\Words\SeatingWriter;
use PHPUnit\Framework\TestCase;
use Tests\Core\Family;
use Tests\Told;

/** Plans, reasons and obstacles of eighty families, every other one with facts of the car unknown, as they were last reviewed. */
final class PlansTest extends TestCase
{
    private const UNKNOWN = ['belt', 'retractor', 'latch_plate', 'lower_anchors', 'tether_anchor', 'airbag', 'side_facing', 'width'];

    public function testPlansOfEightyFamilies(): void
    {
        $plans = [];
        for ($seed = 1; $seed <= 80; $seed++) {
            $file = Family::of($seed);
            $unknown = $seed % 2 === 0 ? [] : [self::UNKNOWN[intdiv($seed, 2) % 8] => null];
            $file['vehicle']['positions'] = array_map(static fn(array $place): array => $unknown + $place, $file['vehicle']['positions']);
            $file['riders'] = array_map(static fn(array $rider): array => ($seed % 3 === 0 ? ['mode' => null] : []) + ($seed % 5 === 0 ? ['held_by' => 'both'] : []) + $rider, $file['riders']);
            $request = SeatingReader::read(json_encode($file, JSON_THROW_ON_ERROR), CalendarDate::of(2026, 10, 10));
            $answer = SeatingPlanner::plan($request);
            $told = SeatingWriter::toArray($answer, Told::in('en'));
            $now = Arrangement::of($request);
            $plans[$seed] = [
                'plans' => array_slice($told['plans'], 0, 2),
                'impossible' => $told['impossible'],
                'now' => array_map(static fn($findings): array => array_map(static fn($f): string => $f->code->value, $findings), $now->findings),
                'drawn' => implode(' ', Told::all(CarPlan::of($request, $answer->plans[0] ?? null)->text)),
            ];
        }
        GoldenFile::assertHolds('plans.json', $plans);
    }
}
