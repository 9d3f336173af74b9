<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** Doing what a finding's remedy says makes it vanish, and the rest of the check good again. */
final class RemedyTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, string, string, array<string, mixed>}> case, fault, code, words of the remedy, what they say to do */
    public static function remedies(): iterable
    {
        yield 'move the straps' => [Cases::REAR, ['setup.harness.slot' => 4], 'harness.height', 'Move the straps to slot 2', ['setup.harness.slot' => 2]];
        yield 'move the straps, forward' => [Cases::FORWARD, ['setup.harness.slot' => 2], 'harness.height', 'Move the straps to slot 4', ['setup.harness.slot' => 4]];
        yield 'move the straps nearer' => [Cases::REAR, ['setup.harness.slot' => 1], 'harness.height_far', 'Move the straps to slot 2', ['setup.harness.slot' => 2]];
        yield 'tighten it' => [Cases::REAR, ['setup.movement.side' => Cases::q(2, 'in')], 'measure.loose', 'Tighten it', ['setup.movement.side' => Cases::q(0.5, 'in')]];
        yield 'try it at the belt path' => [Cases::REAR, ['setup.movement.at_belt_path' => false], 'measure.wrong_spot', 'Try again where the belt goes through', ['setup.movement.at_belt_path' => true]];
        yield 'use another setting' => [Cases::REAR, ['setup.recline_setting' => 4], 'measure.recline_setting', 'Use setting 1 or 2.', ['setup.recline_setting' => 1]];
        yield 'lift it at the crease' => [Cases::REAR, ['setup.angle' => Cases::q(27, 'deg'), 'setup.indicator' => null], 'measure.too_upright', 'lift it at the seat crease with a noodle', ['setup.angle' => Cases::q(37.6, 'deg'), 'setup.wedge' => 'noodle']];
        yield 'set it more upright' => [Cases::REAR, ['setup.indicator' => 'too_flat'], 'measure.too_flat', 'Set it more upright', ['setup.indicator' => 'in']];
        yield 'take the wedge out' => [Cases::FORWARD, ['setup.wedge' => 'towel'], 'measure.wedge_not_allowed', 'Take it out', ['setup.wedge' => 'none']];
        yield 'hook the tether on' => [Cases::FORWARD, ['setup.tether.used' => false], 'measure.tether_unused', 'Hook the tether on', ['setup.tether.used' => true]];
        yield 'take the slack out' => [Cases::FORWARD, ['setup.tether.slack' => true], 'measure.tether_slack', 'Take all the slack out', ['setup.tether.slack' => false]];
        yield 'use the other path' => [Cases::REAR, ['setup.belt_path' => 'forward'], 'secure.wrong_path', 'Use the rear-facing path', ['setup.belt_path' => 'rear']];
        yield 'lock the belt' => [Cases::REAR, ['setup.lock' => []], 'secure.belt_unlocked', 'Lock the belt by one of the ways that work', ['setup.lock' => ['retractor']]];
        yield 'change to the belt' => [Cases::REAR, ['setup.held_by' => 'lower_anchors', 'setup.anchor_designated' => true, 'setup.hook_right_way_up' => true, 'vehicle.lower_anchor_child_max' => Cases::q(20, 'lb')], 'secure.anchor_overweight', 'Change to the vehicle belt', ['setup.held_by' => 'belt']];
        yield 'keep one of them' => [Cases::REAR, ['setup.held_by' => 'both', 'setup.anchor_designated' => true, 'setup.hook_right_way_up' => true], 'secure.both', 'Keep one of them', ['setup.held_by' => 'belt']];
        yield 'fasten it' => [Cases::REAR, ['setup.held_by' => 'nothing'], 'secure.nothing', 'Fasten it with the belt', ['setup.held_by' => 'belt']];
        yield 'move to another place' => [Cases::REAR, ['vehicle.positions.1.airbag' => true], 'place.airbag', 'Move it to another place', ['setup.position' => '2R']];
        yield 'choose another place' => [Cases::REAR, ['vehicle.positions.1.taken' => true], 'place.taken', 'Choose another place', ['setup.position' => '2R']];
        yield 'move to a place with an anchor' => [Cases::FORWARD, ['vehicle.positions.1.tether_anchor' => false], 'place.no_tether_anchor', 'Move to a place that has one', ['setup.position' => '2R']];
        yield 'move to the back' => [Cases::BOOSTER, ['setup.position' => '1R', 'vehicle.positions.0.airbag' => false], 'mode.front_row_under_13', 'Move to a free place in the back', ['setup.position' => '2R']];
        yield 'use the seat as what fits' => [Cases::BOOSTER, ['setup.mode' => 'backless_booster'], 'mode.not_offered', 'Set it up as a high-back booster', ['setup.mode' => 'high_back_booster']];
        yield 'take the extra off' => [Cases::REAR, ['seat.history.extras' => [['name' => 'mat', 'approved' => false]]], 'extras.unapproved', 'Take it off', ['seat.history.extras' => []]];
        yield 'take the insert out' => [Cases::REAR, ['setup.harness.insert' => 'newborn'], 'extras.insert_range', 'Take the insert out', ['setup.harness.insert' => null]];
        yield 'fit the maker\'s own part' => [Cases::REAR, ['seat.history.parts_missing' => [['name' => 'foot', 'essential' => true]]], 'condition.part_missing', 'the maker\'s own replacement is fitted', ['seat.history.parts_missing' => []]];
        yield 'the recall is put right' => [Cases::REAR, ['recall_list.campaigns' => [['id' => 'R-1', 'maker' => 'Ottermoor']]], 'recall.affected', 'until the maker has put it right', ['seat.remedied' => ['R-1']]];
        yield 'load a fresh list' => [Cases::REAR, ['recall_list.dated' => '2026-01-01'], 'recall.list_stale', 'Load a fresh recall list', ['recall_list.dated' => '2026-10-09']];
        yield 'bring the lap part down' => [Cases::BOOSTER, ['setup.booster.lap' => 'belly'], 'booster.lap', 'low over the thighs', ['setup.booster.lap' => 'thighs']];
        yield 'somebody else signs' => [Cases::REAR, ['handover.checker.id' => 't1'], 'handover.checker_same', 'Ask somebody else', ['handover.checker.id' => 't2']];
    }

    /**
     * @param array<string, mixed> $fault
     * @param array<string, mixed> $done
     */
    #[DataProvider('remedies')]
    public function testDoingItMakesItVanish(string $case, array $fault, string $code, string $words, array $done): void
    {
        $bare = ['setup.harness.strap' => null];
        $found = Cases::assess($case, $fault + ($case === Cases::BOOSTER ? [] : $bare));
        $remedies = implode(' ', array_map(static fn(Finding $f): string => $f->code->value === $code ? Told::english($f->remedy()) : '', $found->findings));
        self::assertStringContainsString($words, $remedies);
        self::assertNotSame(Verdict::GoodToRide, $found->verdict);

        $after = Cases::assess($case, $done + $fault + ($case === Cases::BOOSTER ? [] : $bare));
        self::assertSame([[], []], [Cases::found($after), Cases::asked($after)]);
        self::assertSame(Verdict::GoodToRide, $after->verdict);
    }
}
