<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Loose\Attempt;
use MintBuckle\Core\Loose\AttemptCode;
use MintBuckle\Core\Loose\Sight;
use MintBuckle\Core\Loose\WontHold;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;

/** What to try next where a seat will not hold, for this seat, belt and way of holding. Handbook sections 7 and 8: common practice. */
final class WontHoldTest extends TestCase
{
    private const PLACE = 'vehicle.positions.1.';

    private const ANCHORED = ['setup.held_by' => 'lower_anchors', 'setup.lock' => null];

    private const RETRACTOR = ['setup.lock' => ['retractor'], 'setup.lockoff_used' => null, 'seat.lockoff' => false, 'seat.clamp_door' => false, self::PLACE . 'retractor' => 'switchable', self::PLACE . 'latch_plate' => 'sliding'];

    /** @return iterable<string, array{string, array<string, mixed>, Sight, list<string>}> case, changes, what is seen, what to try in order; the rest may follow */
    public static function attempts(): iterable
    {
        $rear = Cases::REAR;
        yield 'a belt still loose: weight, from inside, rock, peg' => [$rear, self::RETRACTOR, Sight::StillLoose, ['weight_in', 'pull_from_inside', 'rock_it', 'peg_belt', 'make_room']];
        yield 'anchors still loose: long, weight, straight, rock' => [$rear, self::ANCHORED, Sight::StillLoose, ['straps_long', 'weight_in', 'tail_straight', 'rock_it', 'make_room']];
        yield 'a locked retractor tips it: leave it free, clip as the last way' => [$rear, self::RETRACTOR, Sight::TipsToOneSide, ['free_retractor.clip']];
        yield 'a free retractor tips nothing' => [$rear, ['setup.lock' => ['clip'], self::PLACE . 'retractor' => 'elr', self::PLACE . 'latch_plate' => 'sliding', 'seat.wedge_ok' => false], Sight::TipsToOneSide, []];
        yield 'slack comes back through a ratchet' => [$rear, self::RETRACTOR, Sight::SlackComesBack, ['ratchet_again', 'rock_it', 'peg_belt']];
        yield 'slack comes back through an anchor strap' => [$rear, self::ANCHORED, Sight::SlackComesBack, ['tail_straight', 'weight_in']];
        yield 'the buckle rides up: first without turns, then three at most' => [$rear, self::RETRACTOR + ['vehicle.buckle_turns_ok' => true], Sight::HardwareInPath, ['without_turns', 'turn_buckle.3']];
        yield 'turned twice already' => [$rear, self::RETRACTOR + ['vehicle.buckle_turns_ok' => true, 'setup.buckle_turns' => 2], Sight::HardwareInPath, ['without_turns', 'turn_buckle.1']];
        yield 'half a turn counts as one' => [$rear, self::RETRACTOR + ['vehicle.buckle_turns_ok' => true, 'setup.buckle_turns' => 1.5], Sight::HardwareInPath, ['without_turns', 'turn_buckle.1']];
        yield 'the manual was not asked' => [$rear, self::RETRACTOR + ['vehicle.buckle_turns_ok' => null], Sight::HardwareInPath, ['without_turns', 'turn_buckle_if_allowed.3']];
        yield 'the vehicle forbids it' => [$rear, self::RETRACTOR + ['vehicle.buckle_turns_ok' => false], Sight::HardwareInPath, ['without_turns']];
        yield 'bars too deep' => [$rear, self::ANCHORED, Sight::BarsTooDeep, ['straps_long', 'press_cushion']];
        yield 'tail inside the path' => [$rear, self::ANCHORED, Sight::TailInPath, ['tail_straight']];
        yield 'too flat: the foot end first' => [$rear, ['setup.recline_setting' => null], Sight::TooFlat, ['foot_end']];
        yield 'too upright and a wedge allowed' => [$rear, ['seat.wedge_ok' => true, 'setup.angle' => null, 'setup.recline_setting' => null, 'seat.modes.rear_harness.recline' => null], Sight::TooUpright, ['noodles.1', 'towel']];
        yield 'too upright and no wedge allowed' => [$rear, ['seat.wedge_ok' => false, 'setup.recline_setting' => null, 'seat.modes.rear_harness.recline' => null], Sight::TooUpright, []];
        yield 'another setting that the child may have' => [$rear, ['seat.wedge_ok' => false, 'setup.recline_setting' => 1, 'seat.modes.rear_harness.recline' => [['settings' => [1, 2]]]], Sight::TooUpright, ['other_setting.2']];
        yield 'forward: push it back while the tether is tightened' => [Cases::FORWARD, ['setup.tether.used' => true], Sight::StillLoose, ['weight_in', 'pull_from_inside', 'rock_it', 'peg_belt', 'make_room', 'push_back_with_tether']];
    }

    /**
     * @param array<string, mixed> $changes
     * @param list<string> $first
     */
    #[DataProvider('attempts')]
    public function testInOrder(string $case, array $changes, Sight $sight, array $first): void
    {
        $keys = self::keys($case, $changes, $sight);
        self::assertSame($first, array_slice($keys, 0, count($first)));
        self::assertSame('other_seat', $keys[count($keys) - 1], 'at the end another seat');
        self::assertSame($keys, array_values(array_unique($keys)), 'nothing twice');
        $near = array_slice($keys, count($first));
        self::assertSame([], array_filter($first === [] ? $near : [], static fn(string $key): bool => ! str_starts_with($key, 'the_') && ! str_starts_with($key, 'other_')));
    }

    public function testTheOtherWayOfHoldingComesBeforeAnotherPlace(): void
    {
        $keys = self::keys(Cases::REAR, self::RETRACTOR + [self::PLACE . 'lower_anchors' => true], Sight::StillLoose);
        self::assertSame(['the_anchors', 'other_place', 'other_seat'], array_slice($keys, -3));
        self::assertContains('the_belt', self::keys(Cases::REAR, self::ANCHORED + self::RETRACTOR, Sight::StillLoose));
        self::assertNotContains('the_anchors', self::keys(Cases::REAR, self::RETRACTOR + [self::PLACE . 'lower_anchors' => false], Sight::StillLoose));
    }

    public function testWhatCanBeSeenFollowsTheSeat(): void
    {
        $seen = self::seen(...);

        self::assertSame(['still_loose', 'tips_to_one_side', 'hardware_in_path', 'slack_comes_back', 'too_flat', 'too_upright'], $seen(Cases::REAR, self::RETRACTOR));
        self::assertSame(['still_loose', 'tips_to_one_side', 'bars_too_deep', 'tail_in_path', 'slack_comes_back', 'too_flat', 'too_upright'], $seen(Cases::REAR, self::ANCHORED));
        self::assertNotContains('too_flat', $seen(Cases::FORWARD, []), 'only a rear-facing seat leans');
    }

    /** Every step has its words in every language, and its key leads back to it. */
    public function testEveryStepIsTold(): void
    {
        foreach (AttemptCode::cases() as $code) {
            $of = match ($code) {
                AttemptCode::OtherLock, AttemptCode::FreeRetractor => 'clip',
                AttemptCode::OtherSetting, AttemptCode::Noodles, AttemptCode::TurnBuckle, AttemptCode::TurnBuckleIfAllowed => '3',
                default => '',
            };
            $attempt = new Attempt($code, $of);
            self::assertEquals($attempt, Attempt::named($attempt->key()));
            foreach (array_keys(Told::locales()) as $language) {
                self::assertMatchesRegularExpression('/^\p{Lu}.{10,}[^.]$/u', Told::in($language)->tell($attempt->step()));
            }
        }
        foreach (['nonsense.clip', 'other_lock', 'other_lock.nonsense', 'other_lock.clamp_door', 'noodles.many', 'peg_belt.clip', 'other_setting.99999'] as $key) {
            self::assertNull(Attempt::named($key), $key);
        }
    }

    /**
     * @param array<string, mixed> $changes
     * @return list<string>
     */
    private static function seen(string $case, array $changes): array
    {
        return array_map(static fn(Sight $sight): string => $sight->value, Sight::of(self::situation($case, $changes)));
    }

    /**
     * @param array<string, mixed> $changes
     * @return list<string>
     */
    private static function keys(string $case, array $changes, Sight $sight): array
    {
        return array_map(static fn(Attempt $a): string => $a->key(), WontHold::attempts($sight, self::situation($case, $changes)));
    }

    /** @param array<string, mixed> $changes */
    private static function situation(string $case, array $changes): AssessmentContext
    {
        return Cases::assess($case, $changes)->situation;
    }
}
