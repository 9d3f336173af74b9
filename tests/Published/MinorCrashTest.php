<?php

declare(strict_types=1);

namespace Tests\Published;

use MintBuckle\Core\Finding\Severity;
use PHPUnit\Framework\TestCase;
use Tests\Core\Cases;

/**
 * NHTSA, Car Seat Use After a Crash, from memory: a crash is minor when the car could be driven away, the door nearest the seat was
 * undamaged, nobody was hurt, no airbag opened and the seat shows no damage; all five must hold.
 */
final class MinorCrashTest extends TestCase
{
    private const POINTS = ['drove_away', 'near_door_sound', 'nobody_hurt', 'no_airbag', 'seat_sound'];

    /** Every answer to every point: yes, no or unknown, 243 in all. */
    public function testEveryCombination(): void
    {
        for ($i = 0; $i < 3 ** 5; $i++) {
            $answers = [];
            foreach (self::POINTS as $n => $point) {
                $answers[$point] = [true, false, null][intdiv($i, 3 ** $n) % 3];
            }
            $expected = match (true) {
                in_array(false, $answers, true) => ['history.crash', Severity::Stop],
                in_array(null, $answers, true) => ['history.crash_unclear', Severity::Ask],
                default => ['history.minor_crash', Severity::Advise],
            };
            $assessment = Cases::assess(Cases::REAR, ['policy.crash' => 'minor_crash', 'seat.history.crash' => true, 'seat.history.crash_points' => $answers]);
            $finding = $assessment->findings[0] ?? self::fail('nothing found');

            self::assertSame($expected, [$finding->code->value, $finding->severity], json_encode($answers, JSON_THROW_ON_ERROR));
            self::assertCount(1, $assessment->findings);
            $open = array_keys(array_filter($answers, is_null(...)));
            self::assertSame(
                $finding->severity === Severity::Ask ? array_map(static fn(string $p): string => "seat.history.crash_points.{$p}", $open) : [],
                Cases::asked($assessment),
            );
        }
    }
}
