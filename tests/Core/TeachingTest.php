<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Growth\OutgrowForecast;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\Months;
use MintBuckle\Core\Teaching\Condition;
use MintBuckle\Core\Teaching\DoneRight;
use MintBuckle\Core\Teaching\NextKind;
use MintBuckle\Core\Teaching\NextStep;
use MintBuckle\Core\Teaching\WhatNext;
use MintBuckle\Core\Telling\Message;
use PHPUnit\Framework\TestCase;
use stdClass;
use Tests\Told;

final class TeachingTest extends TestCase
{
    /** What lies ahead, by the way of riding: the changes in their order. */
    public function testWhatLiesAhead(): void
    {
        $ahead = static fn(ModeName $mode): array => array_map(static fn(NextKind $kind): string => $kind->value, NextKind::after($mode));
        self::assertSame([
            'rear_harness' => ['turn_forward', 'booster', 'no_back', 'belt_alone', 'front_seat'],
            'forward_harness' => ['booster', 'no_back', 'belt_alone', 'front_seat'],
            'high_back_booster' => ['no_back', 'belt_alone', 'front_seat'],
            'backless_booster' => ['belt_alone', 'front_seat'],
            'belt_only' => ['front_seat'],
        ], array_combine(array_column(ModeName::cases(), 'value'), array_map($ahead, ModeName::cases())));
    }

    /** Turning forward: the law's two years by the birthday, and about when the rear-facing limits are passed. */
    public function testTurningForward(): void
    {
        $case = Cases::read(Cases::REAR, ['today' => '2026-11-28', 'child.born_on' => '2025-09-10', 'child.age_months' => null, 'law.rear_facing_until_months' => 24]);
        $s = new AssessmentContext($case);
        $step = WhatNext::of($s)[0];
        self::assertSame(NextKind::TurnForward, $step->kind);
        $law = array_values(array_filter($step->conditions, static fn(Condition $c): bool => $c->from === 'law'))[0];
        self::assertSame([false, '2027-09'], [$law->met, (string) $law->month]);
        $year = array_values(array_filter($step->conditions, static fn(Condition $c): bool => $c->from === 'default'))[0];
        self::assertSame([true, null], [$year->met, $year->month]);
        $rear = $s->seat?->modes['rear_harness'] ?? self::fail('no mode');
        $outgrown = OutgrowForecast::of($s, $rear)?->likely;
        self::assertSame($outgrown, $step->about === null ? null : (string) $step->about);
    }

    public function testNotBeforeIsTheLatestOfAllAndAboutNeverEarlier(): void
    {
        $month = static fn(string $text): PartialDate => PartialDate::parse($text);
        $condition = static fn(?bool $met, ?string $when): Condition => new Condition(Months::of(24), true, 'law', $met, $when === null ? null : $month($when), []);
        $step = new NextStep(NextKind::Raised, [$condition(false, '2028-03'), $condition(false, '2029-01'), $condition(true, null)], $month('2028-06'), true);
        self::assertSame(['2029-01', '2029-01', true], [(string) $step->notBefore(), (string) $step->likely(), $step->hasGap()]);
        $step = new NextStep(NextKind::Raised, [$condition(false, '2028-03')], $month('2028-06'), true);
        self::assertSame(['2028-03', '2028-06', false], [(string) $step->notBefore(), (string) $step->likely(), $step->hasGap()]);
        $step = new NextStep(NextKind::Raised, [$condition(null, null), $condition(false, '2028-03')], null, true);
        self::assertSame([null, null, false], [$step->notBefore(), $step->likely(), $step->hasGap()]);
        $step = new NextStep(NextKind::Raised, [$condition(true, null)], $month('2028-06'), true);
        self::assertSame([null, []], [$step->notBefore(), $step->open()]);
    }

    /** A practice's 40 lb are in the booster's conditions, and met exactly on the figure. */
    public function testABoostersFloors(): void
    {
        $floor = static fn(int|float $lb): Condition => array_values(array_filter(
            WhatNext::of(new AssessmentContext(Cases::read(Cases::FORWARD, ['child.weight' => Cases::q($lb, 'lb')])))[0]->conditions,
            static fn(Condition $c): bool => $c->figure instanceof Mass && $c->from === 'practice:us',
        ))[0];
        self::assertTrue($floor(40)->figure->equals(Mass::of(40, MassUnit::Pound)));
        self::assertSame([false, true, true], [$floor(39.9)->met, $floor(40)->met, $floor(40.1)->met]);
        self::assertNotNull($floor(39.9)->month);
    }

    /** Whoever is unborn, unweighed or unmeasured gets conditions, never a date that nobody could know. */
    public function testUnknownIsNeverADate(): void
    {
        $steps = WhatNext::of(new AssessmentContext(Cases::read(Cases::REAR, ['child' => ['due_on' => '2027-01-20']])));
        self::assertCount(5, $steps);
        foreach ($steps as $step) {
            self::assertSame([null, null], [$step->notBefore(), $step->likely()], $step->kind->value);
            foreach ($step->conditions as $condition) {
                self::assertNull($condition->met);
            }
        }
        self::assertSame([], WhatNext::of(new AssessmentContext(Cases::read(Cases::REAR, ['setup.mode' => null]))));
    }

    /**
     * An independent reading over random cases: every condition is one of law, practice, handbook or this seat; none that is met has a
     * month ahead, "about" never comes before "not before", and all of it is told in both languages.
     */
    public function testRandomChildren(): void
    {
        $generated = new Generated(1907);
        $months = 0;
        for ($i = 0; $i < 500; $i++) {
            [, $case] = $generated->case();
            $s = new AssessmentContext($case);
            foreach (WhatNext::of($s) as $step) {
                foreach ($step->conditions as $condition) {
                    self::assertContains($condition->from, ['law', 'seat', 'default', 'practice:' . $case->practice->value]);
                    self::assertNotSame([], $condition->sources);
                    self::assertFalse($condition->met === true && $condition->month !== null);
                    $now = match (true) {
                        $condition->figure instanceof Months => $s->age,
                        $condition->figure instanceof Mass => $case->child->weight,
                        default => $case->child->height,
                    };
                    self::assertSame($now === null ? null : $now->isMoreThan($condition->figure) || ($condition->inclusive && $now->equals($condition->figure)), $condition->met);
                    if ($condition->month !== null) {
                        $months++;
                        self::assertFalse($condition->month->latest()->isBefore($case->today), "{$condition->month} is past on {$case->today}");
                    }
                }
                if ($step->likely() !== null && $step->notBefore() !== null) {
                    self::assertFalse($step->likely()->earliest()->isBefore($step->notBefore()->earliest()));
                }
                foreach (['en', 'es'] as $language) {
                    foreach ([$step->title(), $step->when(), $step->reason(), ...array_map(static fn(Condition $c): Message => $c->told(), $step->conditions)] as $told) {
                        self::assertDoesNotMatchRegularExpression('/[{}]|teaching\.|practice:/', Told::in($language)->tell($told));
                    }
                }
            }
        }
        self::assertGreaterThan(200, $months);
    }

    public function testWhatWasRightIsSaidFirst(): void
    {
        self::assertSame(['teaching.right.rear', 'teaching.right.back_row', 'teaching.right.held', 'teaching.right.straps', 'teaching.right.snug', 'teaching.right.clip'], self::right(Cases::REAR));
        self::assertNotContains('teaching.right.held', self::right(Cases::REAR, ['setup.movement.side' => Cases::q(2, 'in')]));
        self::assertNotContains('teaching.right.snug', self::right(Cases::REAR, ['setup.harness.tightness.passes' => false]));
        self::assertNotContains('teaching.right.clip', self::right(Cases::REAR, ['setup.harness.clip' => 'low']));
        self::assertNotContains('teaching.right.straps', self::right(Cases::REAR, ['setup.harness.slot' => 5, 'setup.harness.strap' => null]));
        self::assertNotContains('teaching.right.tether', self::right(Cases::FORWARD, ['setup.tether.used' => false]));
        self::assertSame([], DoneRight::of(Cases::assess(Cases::REAR, ['setup' => null]), new stdClass()));
        // Nothing that a finding speaks against is praised.
        $generated = new Generated(1908);
        for ($i = 0; $i < 300; $i++) {
            [$raw, $case] = $generated->case();
            $assessment = Generated::assess($case);
            $codes = implode(' ', Cases::found($assessment));
            foreach (DoneRight::of($assessment, $raw) as $right) {
                foreach (['held' => 'measure.loose', 'straps' => 'harness.height', 'snug' => 'harness.slack', 'clip' => 'harness.clip', 'tether' => 'measure.tether_unused', 'lap' => 'booster.lap ', 'shoulder' => 'booster.shoulder'] as $what => $code) {
                    self::assertFalse($right->key === "teaching.right.{$what}" && str_contains("{$codes} ", "fix {$code}"), "{$right->key} beside {$code}");
                }
            }
        }
    }

    /**
     * @param array<string, mixed> $changes
     * @return list<string>
     */
    private static function right(string $name, array $changes = []): array
    {
        return array_map(static fn(Message $m): string => $m->key, DoneRight::of(Cases::assess($name, $changes), Cases::json($name, $changes)));
    }
}
