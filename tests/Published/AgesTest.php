<?php

declare(strict_types=1);

namespace Tests\Published;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Finding\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Cases;

/**
 * Ages of the AAP policy statement Child Passenger Safety, 2018, and of labels under 49 CFR 571.213, from memory: nobody under one
 * faces forward; rear-facing as long as the seat allows; the back row until thirteen.
 */
final class AgesTest extends TestCase
{
    /** @return iterable<string, array{int, list<string>}> months of a child that faces forward, what is found on the birthday and the day before */
    public static function birthdays(): iterable
    {
        yield 'AAP 2018: one year' => [12, ['advise mode.forward_early', 'fix mode.under_one_forward']];
        yield 'AAP 2018: two years, nothing turns on that day' => [24, ['advise mode.forward_early', 'advise mode.forward_early']];
        yield 'AAP 2018: three years, nothing turns on that day' => [36, ['advise mode.forward_early', 'advise mode.forward_early']];
    }

    /** @param list<string> $expected */
    #[DataProvider('birthdays')]
    public function testFacingForward(int $months, array $expected): void
    {
        $today = CalendarDate::of(2026, 10, 10);
        $birthday = CalendarDate::of($today->year - intdiv($months, 12), 10, 10);
        $small = ['law' => null, 'child.weight' => Cases::q(25, 'lb'), 'child.height' => Cases::q(34, 'in'), 'seat.modes.forward_harness.age_min_months' => null, 'seat.slots' => [], 'setup.harness.strap' => 'at'];
        $found = static fn(CalendarDate $born): string => Cases::found(Cases::assess(Cases::FORWARD, ['child.born_on' => (string) $born] + $small))[0] ?? 'nothing';

        self::assertSame($expected, [$found($birthday), $found($birthday->dayAfter())]);
    }

    /** @return iterable<string, array{string, bool}> born, whether the front row is spoken of */
    public static function thirteen(): iterable
    {
        yield 'AAP 2018: thirteen today' => ['2013-10-10', false];
        yield 'AAP 2018: thirteen tomorrow' => ['2013-10-11', true];
        yield 'AAP 2018: thirteen long since' => ['2010-01-01', false];
        yield 'AAP 2018: seven' => ['2019-01-15', true];
    }

    #[DataProvider('thirteen')]
    public function testTheBackRow(string $born, bool $spokenOf): void
    {
        $assessment = Cases::assess(Cases::BOOSTER, ['law' => null, 'setup.position' => '1R', 'vehicle.positions.0.airbag' => false, 'child.born_on' => $born]);
        $codes = array_map(static fn(Finding $f): string => $f->code->value, $assessment->findings);

        self::assertSame($spokenOf, in_array('mode.front_row_under_13', $codes, true));
    }
}
