<?php

declare(strict_types=1);

namespace Tests\Core;

use MintBuckle\Core\Assessor;
use MintBuckle\Core\Computed;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\StrapRule;
use MintBuckle\Core\Fit\FreePlaces;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Truth\Truth;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WeakReference;

/** What all rules see: which standard speaks, whether the tether is called for, which places are free. */
final class SituationTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>|null, string|null}> practice, on the label, the layer that speaks */
    public static function standards(): iterable
    {
        yield 'us takes its own' => ['us', ['fmvss213'], 'standard:fmvss213'];
        yield 'the accepted one before the first' => ['us', ['ecer44', 'fmvss213'], 'standard:fmvss213'];
        yield 'nz: the practice\'s order, not the label\'s' => ['nz', ['fmvss213', 'ecer129', 'asnzs1754'], 'standard:asnzs1754'];
        yield 'nz: R44 before R129' => ['nz', ['ecer129', 'ecer44'], 'standard:ecer44'];
        yield 'none accepted: the first known one' => ['us', ['gx-77', 'ecer129', 'ecer44'], 'standard:ecer129'];
        yield 'none known: the handbook' => ['us', ['gx-77'], 'default'];
        yield 'none at all: the handbook' => ['au', [], 'default'];
        yield 'not looked at' => ['us', null, null];
    }

    /** @param list<string>|null $label */
    #[DataProvider('standards')]
    public function testWhichStandardSpeaks(string $practice, ?array $label, ?string $layer): void
    {
        $situation = new AssessmentContext(Cases::read(Cases::REAR, ['practice' => $practice, 'seat.standards' => $label]));
        self::assertSame($layer, $situation->convention?->from);
    }

    /** @return iterable<string, array{string, array<string, mixed>, StrapRule|null, string}> */
    public static function straps(): iterable
    {
        yield 'us rear' => [Cases::REAR, [], StrapRule::AtOrBelow, 'standard:fmvss213'];
        yield 'us forward' => [Cases::FORWARD, [], StrapRule::AtOrAbove, 'standard:fmvss213'];
        yield 'nz rear' => [Cases::NZ, [], StrapRule::LevelTo25Above, 'standard:asnzs1754'];
        yield 'ece rear' => [Cases::NZ, ['seat.standards' => ['ecer129']], StrapRule::AtOrBelow, 'standard:ecer129'];
        yield 'the seat says otherwise' => [Cases::REAR, ['seat.strap_rule_rear' => 'at_or_above'], StrapRule::AtOrAbove, 'seat'];
        yield 'the seat says otherwise of the other direction' => [Cases::REAR, ['seat.strap_rule_forward' => 'at_or_below'], StrapRule::AtOrBelow, 'standard:fmvss213'];
        yield 'no standard looked at' => [Cases::REAR, ['seat.standards' => null], null, 'default'];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('straps')]
    public function testStrapRule(string $case, array $changes, ?StrapRule $rule, string $from): void
    {
        $situation = new AssessmentContext(Cases::read($case, $changes));
        self::assertSame([$rule, $from], [$situation->strapRule($situation->mode ?? ModeName::RearHarness), $situation->strapRuleFrom($situation->mode ?? ModeName::RearHarness)]);
    }

    /** @return iterable<string, array{string, array<string, mixed>, Truth}> */
    public static function tethers(): iterable
    {
        yield 'forward always' => [Cases::FORWARD, [], Truth::Yes];
        yield 'forward even where the maker does not require it' => [Cases::FORWARD, ['seat.tether_forward_required' => false], Truth::Yes];
        yield 'booster never' => [Cases::BOOSTER, [], Truth::No];
        yield 'us rear, forbidden' => [Cases::REAR, [], Truth::No];
        yield 'us rear, allowed' => [Cases::REAR, ['seat.tether_rear' => 'allowed'], Truth::No];
        yield 'us rear, required' => [Cases::REAR, ['seat.tether_rear' => 'required'], Truth::Yes];
        yield 'us rear, not known' => [Cases::REAR, ['seat.tether_rear' => null], Truth::Unknown];
        yield 'nz rear, not known: always' => [Cases::NZ, ['seat.tether_rear' => null], Truth::Yes];
        yield 'nz rear, allowed: still always' => [Cases::NZ, ['seat.tether_rear' => 'allowed'], Truth::Yes];
        yield 'nz rear, forbidden: the seat is above its standard' => [Cases::NZ, ['seat.tether_rear' => 'forbidden'], Truth::No];
        yield 'ece rear, required' => [Cases::NZ, ['seat.standards' => ['ecer44']], Truth::Yes];
        yield 'ece rear, allowed' => [Cases::NZ, ['seat.standards' => ['ecer44'], 'seat.tether_rear' => 'allowed'], Truth::No];
        yield 'no standard looked at' => [Cases::REAR, ['seat.standards' => null, 'seat.tether_rear' => null], Truth::Unknown];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('tethers')]
    public function testTetherCalledFor(string $case, array $changes, Truth $called): void
    {
        self::assertSame($called, (new AssessmentContext(Cases::read($case, $changes)))->tetherCalledFor());
    }

    /** @return iterable<string, array{string, array<string, mixed>, Truth, list<string>}> case, changes, whether a place is free, what is asked */
    public static function freePlaces(): iterable
    {
        $p = 'vehicle.positions.';
        $onlySecondC = ["{$p}0.taken" => true, "{$p}3.taken" => true];
        $noneFree = [...$onlySecondC, "{$p}2.taken" => true];
        yield 'as it stands' => [Cases::REAR, [], Truth::Yes, []];
        yield 'all taken' => [Cases::REAR, $noneFree, Truth::No, []];
        yield 'taken is not known' => [Cases::REAR, [...$onlySecondC, "{$p}2.taken" => null], Truth::Yes, []];
        yield 'which way it faces is not known' => [Cases::REAR, [...$onlySecondC, "{$p}2.side_facing" => null], Truth::Unknown, ["{$p}2.side_facing"]];
        yield 'it does not face forward' => [Cases::REAR, [...$onlySecondC, "{$p}2.side_facing" => true], Truth::No, []];
        yield 'its airbag is not known, for a rear-facing child' => [Cases::REAR, [...$onlySecondC, "{$p}2.airbag" => null], Truth::Yes, ["{$p}2.airbag"]];
        yield 'its airbag is not known, for one who faces forward' => [Cases::FORWARD, [...$onlySecondC, "{$p}2.airbag" => null], Truth::Yes, []];
        yield 'another place is surely free' => [Cases::REAR, ["{$p}2.airbag" => null, "{$p}0.taken" => true], Truth::Yes, []];
        yield 'nothing there can hold a harness seat' => [Cases::REAR, [...$onlySecondC, "{$p}2.belt" => 'none'], Truth::No, []];
        yield 'what can hold it is not known' => [Cases::REAR, [...$onlySecondC, "{$p}2.belt" => null], Truth::Unknown, ["{$p}2.belt"]];
        yield 'a lap belt is none for a booster' => [Cases::BOOSTER, [...$onlySecondC, "{$p}2.belt" => 'lap'], Truth::No, []];
        yield 'the belt there is not known, for a booster' => [Cases::BOOSTER, [...$onlySecondC, "{$p}2.belt" => null], Truth::Unknown, ["{$p}2.belt"]];
        yield 'a lap belt is enough for the belt alone' => [Cases::BOOSTER, [...$onlySecondC, "{$p}2.belt" => 'lap', 'setup.mode' => 'belt_only'], Truth::Yes, []];
        yield 'a demanded tether has no anchor there' => [Cases::FORWARD, [...$onlySecondC, "{$p}2.tether_anchor" => false], Truth::No, []];
        yield 'a demanded tether\'s anchor is not known there' => [Cases::FORWARD, [...$onlySecondC, "{$p}2.tether_anchor" => null], Truth::Unknown, ["{$p}2.tether_anchor"]];
        yield 'no tether is demanded' => [Cases::FORWARD, [...$onlySecondC, "{$p}2.tether_anchor" => false, 'seat.tether_forward_required' => false], Truth::Yes, []];
        yield 'whether one is demanded is not known' => [Cases::FORWARD, [...$onlySecondC, "{$p}2.tether_anchor" => false, 'seat.tether_forward_required' => null], Truth::Unknown, ['seat.tether_forward_required']];
    }

    /**
     * @param array<string, mixed> $changes
     * @param list<string> $missing
     */
    #[DataProvider('freePlaces')]
    public function testFreePlaces(string $case, array $changes, Truth $any, array $missing): void
    {
        $free = FreePlaces::anywhere(new AssessmentContext(Cases::read($case, $changes)));

        self::assertSame([$any, $missing], [$free->any, $free->missing]);
    }

    public function testTheFrontRowIsNotTheBack(): void
    {
        $s = new AssessmentContext(Cases::read(Cases::REAR, ['vehicle.positions.2.taken' => true, 'vehicle.positions.3.taken' => true, 'vehicle.positions.0.airbag' => false, 'vehicle.positions.0.tether_anchor' => true]));

        self::assertSame([Truth::Yes, Truth::No, Truth::Yes], [FreePlaces::anywhere($s)->any, FreePlaces::inTheBack($s)->any, FreePlaces::withTetherAnchor($s)->any]);
    }

    public function testPathsWhileThePlaceIsNotKnown(): void
    {
        self::assertSame('vehicle.positions.1.belt', (new AssessmentContext(Cases::read(Cases::REAR)))->placePath('belt'));
        self::assertSame('setup.position', (new AssessmentContext(Cases::read(Cases::REAR, ['setup.position' => null])))->placePath('belt'));
        self::assertSame('vehicle', (new AssessmentContext(Cases::read(Cases::REAR, ['setup.position' => null, 'vehicle' => null])))->placePath('belt'));
    }

    public function testWhatHolds(): void
    {
        $held = static fn(string $case, ?string $by): array => [($s = new AssessmentContext(Cases::read($case, ['setup.held_by' => $by])))->beltHolds(), $s->anchorsHold()];

        self::assertSame([true, false], $held(Cases::REAR, 'belt'));
        self::assertSame([false, true], $held(Cases::REAR, 'lower_anchors'));
        self::assertSame([true, true], $held(Cases::REAR, 'both'));
        self::assertSame([false, false], $held(Cases::REAR, 'nothing'));
        self::assertSame([false, false], $held(Cases::REAR, null));
        self::assertSame([true, false], $held(Cases::BOOSTER, 'nothing'), 'the belt holds the child');
        self::assertSame([true, true], $held(Cases::BOOSTER, 'lower_anchors'));
    }

    public function testWhereTheAnchorsHoldAlone(): void
    {
        $alone = static fn(string $case, ?string $by): bool => (new AssessmentContext(Cases::read($case, ['setup.held_by' => $by])))->onlyAnchorsHold();

        self::assertSame([true, false, false, false], array_map(static fn(?string $by): bool => $alone(Cases::REAR, $by), ['lower_anchors', 'belt', 'both', null]));
        self::assertFalse($alone(Cases::BOOSTER, 'lower_anchors'), 'the belt holds the child');
    }

    /** Without the base its own word on the webbing speaks, for a harness alone. */
    public function testWhichWebbingIsAsked(): void
    {
        $asked = self::webbingAsked(...);
        $own = ['seat.baseless_webbing' => 'both', 'seat.modes.rear_harness.webbing' => 'lap', 'seat.modes.high_back_booster.webbing' => 'lap'];

        self::assertSame('both', $asked(Cases::REAR, $own + ['setup.base' => 'none']));
        self::assertSame('lap', $asked(Cases::REAR, $own + ['setup.base' => 'used']));
        self::assertSame('lap', $asked(Cases::REAR, $own));
        self::assertSame('lap', $asked(Cases::REAR, ['setup.base' => 'none', 'seat.baseless_webbing' => null] + $own));
        self::assertSame('lap', $asked(Cases::BOOSTER, $own + ['setup.base' => 'none']));
        self::assertNull($asked(Cases::REAR, []));
    }

    public function testAgeOnTheDay(): void
    {
        $age = static fn(array $child): ?int => (new AssessmentContext(Cases::read(Cases::REAR, ['child' => (object) $child])))->age?->toInt();

        self::assertSame(14, $age(['born_on' => '2025-08-01']));
        self::assertSame(7, $age(['age_months' => 7]));
        self::assertNull($age(['due_on' => '2026-12-01']));
        self::assertNull($age([]));
    }

    /** @param array<string, mixed> $changes */
    private static function webbingAsked(string $case, array $changes): ?string
    {
        return (new AssessmentContext(Cases::read($case, $changes)))->webbingAsked()?->value;
    }

    /** What is remembered by context must not hold it: a worker judges thousands. */
    public function testWhatWasJudgedIsForgotten(): void
    {
        $judged = Assessor::assess(Cases::read(Cases::FORWARD), Rulebook::current());
        Computed::of($judged->situation);
        $left = WeakReference::create($judged->situation);
        unset($judged);
        gc_collect_cycles();
        self::assertNull($left->get());
    }
}
