<?php

declare(strict_types=1);

namespace Tests\Core;

/** Station label. Today is 10 October 2026; the seat was made on 14 March 2023 with a life of seven years. */
final class LabelRulesTest extends RulesTestCase
{
    public static function cases(): iterable
    {
        $rear = Cases::REAR;
        $forward = Cases::FORWARD;
        $nz = Cases::NZ;
        $booster = Cases::BOOSTER;
        $q = Cases::q(...);

        yield 'nothing wrong' => [$rear, [], []];
        yield 'no seat at all' => [$rear, ['seat' => null], [], ['seat']];
        yield 'label not looked at' => [$rear, ['seat.label_readable' => null], [], ['seat.label_readable']];
        yield 'label not readable' => [$rear, ['seat.label_readable' => false], ['stop label.unreadable']];
        yield 'not readable, and nothing is asked of it' => [$rear, ['seat.label_readable' => false, 'seat.maker' => null, 'seat.model' => null], ['stop label.unreadable']];
        yield 'maker unknown' => [$rear, ['seat.maker' => null], [], ['seat.maker']];
        yield 'model unknown' => [$rear, ['seat.model' => null], [], ['seat.model']];
        yield 'blank model is unknown' => [$rear, ['seat.model' => ' '], [], ['seat.model']];
        yield 'only a trade name' => [$rear, ['seat.model' => null, 'seat.name' => 'Haven'], ['ask label.name_only'], ['seat.model']];
        yield 'standards unknown, so no convention speaks' => [$rear, ['seat.standards' => null], [], ['seat.standards']];
        yield 'no standard' => [$rear, ['seat.standards' => []], ['stop label.standard']];
        yield 'foreign standard' => [$rear, ['seat.standards' => ['ecer44'], 'seat.tightness_test' => 'pinch'], ['stop label.standard']];
        yield 'foreign and accepted' => [$rear, ['seat.standards' => ['ecer44', 'fmvss213']], []];
        yield 'a standard nobody here knows' => [$rear, ['seat.standards' => ['gx-77']], ['stop label.standard']];
        yield 'nz takes fmvss213' => [$nz, ['seat.standards' => ['fmvss213'], 'setup.harness.tightness.test' => 'pinch', 'setup.harness.clip' => 'armpit', 'setup.harness.strap_offset' => $q(-5, 'mm'), 'setup.harness.slot' => 2], []];
        yield 'au takes no other' => [$nz, ['practice' => 'au', 'seat.standards' => ['fmvss213'], 'setup.harness.tightness.test' => 'pinch', 'setup.harness.clip' => 'armpit', 'setup.harness.strap_offset' => $q(-5, 'mm'), 'setup.harness.slot' => 2], ['stop label.standard']];

        // made, life, stamp: the day before, on and after
        yield 'last day of use' => [$rear, ['seat.made_on' => '2019-10-11'], ['advise expiry.soon']];
        yield 'anniversary itself' => [$rear, ['seat.made_on' => '2019-10-10'], ['stop expiry.passed']];
        yield 'day after' => [$rear, ['seat.made_on' => '2019-10-09'], ['stop expiry.passed']];
        yield 'stamped until yesterday' => [$rear, ['seat.use_until' => '2026-10-09'], ['stop expiry.passed']];
        yield 'stamped until today' => [$rear, ['seat.use_until' => '2026-10-10'], ['advise expiry.soon']];
        yield 'stamp of this month lasts the month' => [$rear, ['seat.use_until' => '2026-10'], ['advise expiry.soon']];
        yield 'stamp of last month' => [$rear, ['seat.use_until' => '2026-09'], ['stop expiry.passed']];
        yield 'stamp of this year lasts the year' => [$rear, ['seat.use_until' => '2026'], ['advise expiry.soon']];
        yield 'stamp later than life: life holds' => [$rear, ['seat.made_on' => '2019-10', 'seat.use_until' => '2030'], ['stop expiry.passed']];
        yield '182 days left' => [$rear, ['seat.use_until' => '2027-04-09'], ['advise expiry.soon']];
        yield '183 days left' => [$rear, ['seat.use_until' => '2027-04-10'], ['advise expiry.soon']];
        yield '184 days left' => [$rear, ['seat.use_until' => '2027-04-11'], []];
        yield 'no end known' => [$rear, ['seat.life_years' => null], ['ask expiry.unknown'], ['seat.use_until', 'seat.life_years']];
        yield 'a life without a make date' => [$rear, ['seat.made_on' => null], ['ask expiry.unknown'], ['seat.use_until', 'seat.made_on']];
        yield 'a stamp without a make date' => [$rear, ['seat.made_on' => null, 'seat.use_until' => '2031'], []];

        $campaign = ['id' => 'R-7', 'maker' => 'OTTERMOOR', 'models' => ['om 22*'], 'made_from' => '2023-03-01', 'made_to' => '2023-03-31', 'serial_from' => null, 'serial_to' => null, 'advice' => 'stop_use', 'defect' => 'buckle may release', 'remedy' => 'new buckle'];
        $list = static fn(array $more): array => ['recall_list.campaigns' => [$more + $campaign]];
        yield 'recalled' => [$rear, $list([]), ['stop recall.affected R-7']];
        yield 'recalled and remedied' => [$rear, $list([]) + ['seat.remedied' => ['R-7']], []];
        yield 'recalled, may be used' => [$rear, $list(['advice' => 'usable_until_remedy']), ['advise recall.affected R-7']];
        yield 'no advice stops' => [$rear, $list(['advice' => null]), ['stop recall.affected R-7']];
        yield 'another maker' => [$rear, $list(['maker' => 'Pellwick']), []];
        yield 'another model' => [$rear, $list(['models' => ['OM-90', 'OM-22']]), []];
        yield 'every model' => [$rear, $list(['models' => []]), ['stop recall.affected R-7']];
        yield 'made a day before' => [$rear, $list([]) + ['seat.made_on' => '2023-02-28'], []];
        yield 'made on the first day' => [$rear, $list([]) + ['seat.made_on' => '2023-03-01'], ['stop recall.affected R-7']];
        yield 'made on the last day' => [$rear, $list([]) + ['seat.made_on' => '2023-03-31'], ['stop recall.affected R-7']];
        yield 'made a day after' => [$rear, $list([]) + ['seat.made_on' => '2023-04-01'], []];
        yield 'the whole month lies inside' => [$rear, $list([]) + ['seat.made_on' => '2023-03'], ['stop recall.affected R-7']];
        yield 'the year only overlaps' => [$rear, $list([]) + ['seat.made_on' => '2023'], ['ask recall.possible R-7'], ['seat.made_on']];
        yield 'model unknown, the rest matches' => [$rear, $list([]) + ['seat.model' => null], ['ask recall.possible R-7'], ['seat.model']];
        yield 'serial inside' => [$rear, $list(['serial_from' => 'A100000', 'serial_to' => 'A100200']), ['stop recall.affected R-7']];
        yield 'serial after' => [$rear, $list(['serial_from' => 'A100000', 'serial_to' => 'A100199']), []];
        yield 'serial unknown' => [$rear, $list(['serial_from' => 'A1']) + ['seat.serial' => null], ['ask recall.possible R-7'], ['seat.serial']];
        yield 'serial of another shape' => [$rear, $list(['serial_from' => '100', 'serial_to' => '900']), ['ask recall.possible R-7'], ['seat.serial']];
        yield 'unreadable: possible, nothing asked' => [$rear, $list([]) + ['seat.label_readable' => false, 'seat.model' => null], ['stop label.unreadable', 'ask recall.possible R-7']];

        yield 'list 30 days old' => [$rear, ['recall_list.dated' => '2026-09-10'], []];
        yield 'list 31 days old' => [$rear, ['recall_list.dated' => '2026-09-09'], ['ask recall.list_stale']];
        yield 'no list' => [$rear, ['recall_list' => null], ['ask recall.list_stale'], ['recall_list']];
        yield 'list without date' => [$rear, ['recall_list.dated' => null], ['ask recall.list_stale'], ['recall_list.dated']];
        yield 'list without content' => [$rear, ['recall_list.campaigns' => null], [], ['recall_list.campaigns']];
        yield 'not registered' => [$rear, ['seat.registered' => false], ['advise register.missing']];
        yield 'registration is not asked' => [$rear, ['seat.registered' => null], []];

    }
}
