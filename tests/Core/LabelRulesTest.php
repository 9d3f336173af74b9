<?php

declare(strict_types=1);

namespace Tests\Core;

/** Station label. Today is 10 October 2026; the seat was made on 14 March 2023 with a life of seven years. */
final class LabelRulesTest extends RulesTestCase
{
    public static function cases(): iterable
    {

        yield 'nothing wrong' => [self::REAR, [], []];
        yield 'no seat at all' => [self::REAR, ['seat' => null], [], ['seat']];
        yield 'label not looked at' => [self::REAR, ['seat.label_readable' => null], [], ['seat.label_readable']];
        yield 'label not readable' => [self::REAR, ['seat.label_readable' => false], ['stop label.unreadable']];
        yield 'not readable, and nothing is asked of it' => [self::REAR, ['seat.label_readable' => false, 'seat.maker' => null, 'seat.model' => null], ['stop label.unreadable']];
        yield 'maker unknown' => [self::REAR, ['seat.maker' => null], [], ['seat.maker']];
        yield 'model unknown' => [self::REAR, ['seat.model' => null], [], ['seat.model']];
        yield 'blank model is unknown' => [self::REAR, ['seat.model' => ' '], [], ['seat.model']];
        yield 'only a trade name' => [self::REAR, ['seat.model' => null, 'seat.name' => 'Haven'], ['ask label.name_only'], ['seat.model']];
        yield 'standards unknown, so no convention speaks' => [self::REAR, ['seat.standards' => null], [], ['seat.standards', 'seat.chest_clip']];
        yield 'no standard' => [self::REAR, ['seat.standards' => []], ['stop label.standard'], ['seat.chest_clip']];
        yield 'foreign standard' => [self::REAR, ['seat.standards' => ['ecer44'], 'seat.tightness_test' => 'pinch'], ['stop label.standard']];
        yield 'foreign and accepted' => [self::REAR, ['seat.standards' => ['ecer44', 'fmvss213']], []];
        yield 'a standard nobody here knows' => [self::REAR, ['seat.standards' => ['gx-77']], ['stop label.standard'], ['seat.chest_clip']];
        yield 'a recall\'s window upside down is never more than possible' => [self::REAR, ['recall_list.campaigns' => [['id' => 'R-9', 'maker' => 'Ottermoor', 'made_from' => '2024-01-02', 'made_to' => '2024-01-01', 'advice' => 'stop_use']]], ['ask recall.possible R-9']];
        yield 'nz takes fmvss213' => [self::NZ, ['seat.standards' => ['fmvss213'], 'setup.harness.tightness.test' => 'pinch', 'setup.harness.clip' => 'armpit', 'setup.harness.strap_offset' => Cases::q(-5, 'mm'), 'setup.harness.slot' => 2], []];
        yield 'au takes no other' => [self::NZ, ['practice' => 'au', 'seat.standards' => ['fmvss213'], 'setup.harness.tightness.test' => 'pinch', 'setup.harness.clip' => 'armpit', 'setup.harness.strap_offset' => Cases::q(-5, 'mm'), 'setup.harness.slot' => 2], ['stop label.standard']];

        // made, life, stamp: the day before, on and after
        yield 'last day of use' => [self::REAR, ['seat.made_on' => '2019-10-11'], ['advise expiry.soon']];
        yield 'anniversary itself' => [self::REAR, ['seat.made_on' => '2019-10-10'], ['stop expiry.passed']];
        yield 'day after' => [self::REAR, ['seat.made_on' => '2019-10-09'], ['stop expiry.passed']];
        yield 'stamped until yesterday' => [self::REAR, ['seat.use_until' => '2026-10-09'], ['stop expiry.passed']];
        yield 'stamped until today' => [self::REAR, ['seat.use_until' => '2026-10-10'], ['advise expiry.soon']];
        yield 'stamp of this month lasts the month' => [self::REAR, ['seat.use_until' => '2026-10'], ['advise expiry.soon']];
        yield 'stamp of last month' => [self::REAR, ['seat.use_until' => '2026-09'], ['stop expiry.passed']];
        yield 'stamp of this year lasts the year' => [self::REAR, ['seat.use_until' => '2026'], ['advise expiry.soon']];
        yield 'stamp later than life: life holds' => [self::REAR, ['seat.made_on' => '2019-10', 'seat.use_until' => '2030'], ['stop expiry.passed']];
        yield '182 days left' => [self::REAR, ['seat.use_until' => '2027-04-09'], ['advise expiry.soon']];
        yield '183 days left' => [self::REAR, ['seat.use_until' => '2027-04-10'], ['advise expiry.soon']];
        yield '184 days left' => [self::REAR, ['seat.use_until' => '2027-04-11'], []];
        yield 'no end known' => [self::REAR, ['seat.life_years' => null], ['ask expiry.unknown'], ['seat.use_until', 'seat.life_years']];
        yield 'a life without a make date' => [self::REAR, ['seat.made_on' => null], ['ask expiry.unknown'], ['seat.use_until', 'seat.made_on']];
        yield 'a stamp without a make date' => [self::REAR, ['seat.made_on' => null, 'seat.use_until' => '2031'], []];

        $campaign = ['id' => 'R-7', 'maker' => 'OTTERMOOR', 'models' => ['om 22*'], 'made_from' => '2023-03-01', 'made_to' => '2023-03-31', 'serial_from' => null, 'serial_to' => null, 'advice' => 'stop_use', 'defect' => 'buckle may release', 'remedy' => 'new buckle'];
        $list = static fn(array $more): array => ['recall_list.campaigns' => [$more + $campaign]];
        yield 'recalled' => [self::REAR, $list([]), ['stop recall.affected R-7']];
        yield 'recalled and remedied' => [self::REAR, $list([]) + ['seat.remedied' => ['R-7']], []];
        yield 'recalled, may be used' => [self::REAR, $list(['advice' => 'usable_until_remedy']), ['advise recall.affected R-7']];
        yield 'no advice stops' => [self::REAR, $list(['advice' => null]), ['stop recall.affected R-7']];
        yield 'another maker' => [self::REAR, $list(['maker' => 'Pellwick']), []];
        yield 'another model' => [self::REAR, $list(['models' => ['OM-90', 'OM-22']]), []];
        yield 'every model' => [self::REAR, $list(['models' => []]), ['stop recall.affected R-7']];
        yield 'made a day before' => [self::REAR, $list([]) + ['seat.made_on' => '2023-02-28'], []];
        yield 'made on the first day' => [self::REAR, $list([]) + ['seat.made_on' => '2023-03-01'], ['stop recall.affected R-7']];
        yield 'made on the last day' => [self::REAR, $list([]) + ['seat.made_on' => '2023-03-31'], ['stop recall.affected R-7']];
        yield 'made a day after' => [self::REAR, $list([]) + ['seat.made_on' => '2023-04-01'], []];
        yield 'the whole month lies inside' => [self::REAR, $list([]) + ['seat.made_on' => '2023-03'], ['stop recall.affected R-7']];
        yield 'the year only overlaps' => [self::REAR, $list([]) + ['seat.made_on' => '2023'], ['ask recall.possible R-7'], ['seat.made_on']];
        yield 'model unknown, the rest matches' => [self::REAR, $list([]) + ['seat.model' => null], ['ask recall.possible R-7'], ['seat.model']];
        yield 'serial inside' => [self::REAR, $list(['serial_from' => 'A100000', 'serial_to' => 'A100200']), ['stop recall.affected R-7']];
        yield 'serial after' => [self::REAR, $list(['serial_from' => 'A100000', 'serial_to' => 'A100199']), []];
        yield 'serial with an upper end only' => [self::REAR, $list(['serial_to' => 'A100199']), []];
        yield 'serial with a lower end only' => [self::REAR, $list(['serial_from' => 'A100201']), []];
        yield 'serial unknown' => [self::REAR, $list(['serial_from' => 'A1']) + ['seat.serial' => null], ['ask recall.possible R-7'], ['seat.serial']];
        yield 'serial of another shape' => [self::REAR, $list(['serial_from' => '100', 'serial_to' => '900']), ['ask recall.possible R-7'], ['seat.serial']];
        yield 'unreadable: possible, nothing asked' => [self::REAR, $list([]) + ['seat.label_readable' => false, 'seat.model' => null], ['stop label.unreadable', 'ask recall.possible R-7']];

        yield 'list 30 days old' => [self::REAR, ['recall_list.dated' => '2026-09-10'], []];
        yield 'list 31 days old' => [self::REAR, ['recall_list.dated' => '2026-09-09'], ['ask recall.list_stale']];
        yield 'no list' => [self::REAR, ['recall_list' => null], ['ask recall.list_stale'], ['recall_list']];
        yield 'list without date' => [self::REAR, ['recall_list.dated' => null], ['ask recall.list_stale'], ['recall_list.dated']];
        yield 'list without content' => [self::REAR, ['recall_list.campaigns' => null], [], ['recall_list.campaigns']];
        yield 'not registered' => [self::REAR, ['seat.registered' => false], ['advise register.missing']];
        yield 'registration is not asked' => [self::REAR, ['seat.registered' => null], []];

    }
}
