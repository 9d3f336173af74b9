<?php

declare(strict_types=1);

namespace Tests\Golden;

use MintBuckle\Core\Card\Changeover;
use MintBuckle\Core\Card\FlightCar;
use MintBuckle\Core\Card\FlightCard;
use MintBuckle\Core\Card\FlightSteps;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Truth\Truth;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Cases;
use Tests\Told;

/** From every way of riding to every other, and every way in the air, as they were last reviewed. */
final class WaysTest extends TestCase
{
    private const REAR = 'seat.modes.rear_harness.';

    private const FORWARD = 'seat.modes.forward_harness.';

    /** @return iterable<string, array{string, string, array<string, mixed>}> file, case, changes */
    public static function seats(): iterable
    {
        $here = 'vehicle.positions.1.';
        yield 'rear' => ['rear', Cases::REAR, []];
        yield 'forward' => ['forward', Cases::FORWARD, []];
        yield 'booster' => ['booster', Cases::BOOSTER, ['seat.modes.backless_booster' => ['weight_min' => Cases::q(40, 'lb'), 'weight_max' => Cases::q(100, 'lb'), 'height_max' => Cases::q(57, 'in')]]];
        yield 'nz' => ['nz', Cases::NZ, ['seat.tether_rear' => null]];
        yield 'tether required' => ['tether', Cases::REAR, ['seat.tether_rear' => 'required', $here . 'tether_anchor' => false]];
        yield 'tether unknown' => ['tether-unknown', Cases::REAR, ['seat.tether_rear' => null, $here . 'tether_anchor' => null]];
        yield 'foot and parts' => ['parts', Cases::FORWARD, [
            self::REAR . 'foot' => 'in', self::FORWARD . 'foot' => 'all_out', self::REAR . 'parts_required' => ['rebound_bar', 'foot_panel'], self::REAR . 'parts_forbidden' => ['cup_holder'],
            self::FORWARD . 'parts_required' => ['side_wing'], self::FORWARD . 'parts_forbidden' => ['rebound_bar', 'cup_holder', 'belt_guide'], self::FORWARD . 'crotch_slots' => [], self::FORWARD . 'recline' => [['settings' => [1, 2]]],
        ]];
        yield 'the same foot' => ['foot', Cases::REAR, [self::REAR . 'foot' => 'in', self::FORWARD . 'foot' => 'in', self::FORWARD . 'crotch_slots' => null, self::FORWARD . 'recline' => null]];
        yield 'too heavy for the anchors' => ['heavy', Cases::FORWARD, ['child.weight' => Cases::q(41, 'lb'), 'seat.slots' => null]];
        yield 'not weighed' => ['not-weighed', Cases::FORWARD, ['child.weight' => null, 'child.shoulder_height' => null]];
        yield 'anchors not known' => ['anchors', Cases::FORWARD, ['seat.lower_anchor_child_max' => null, 'seat.made_on' => '2010', 'seat.use_until' => '2030']];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('seats')]
    public function testEveryChangeover(string $file, string $case, array $changes): void
    {
        $steps = [];
        $ways = array_filter(ModeName::cases(), static fn(ModeName $mode): bool => $mode !== ModeName::BeltOnly);
        foreach ($ways as $from) {
            foreach ($ways as $to) {
                $s = Cases::assess($case, ['setup.mode' => $from->value] + $changes)->situation;
                $steps["{$from->value} to {$to->value}"] = Told::all(Changeover::between($s, $from, $to)->steps);
                $steps[$from->value] = Changeover::of($s)?->to->value;
            }
        }
        GoldenFile::assertHolds("ways/{$file}.json", $steps);
    }

    public function testEveryFlight(): void
    {
        $cards = [];
        foreach (['certified' => true, 'not certified' => false, 'certified?' => null] as $certified => $value) {
            foreach (['lifts off, allowed' => [true, 'allowed'], 'lifts off, forbidden' => [true, 'forbidden'], 'lifts off, not known' => [true, null], 'in one piece' => [false, null], 'lifts off?' => [null, 'allowed']] as $base => [$detachable, $baseless]) {
                foreach ([Cases::REAR, Cases::FORWARD, Cases::BOOSTER] as $case) {
                    foreach (['known' => [], 'not weighed' => ['child.weight' => null], 'too heavy' => ['child.weight' => Cases::q(99, 'lb')], 'mode not known' => ['setup.mode' => null]] as $child => $changes) {
                        $s = Cases::assess($case, $changes + ['seat.aircraft_certified' => $value, 'seat.detachable' => $detachable, 'seat.baseless' => $baseless])->situation;
                        $card = FlightCard::in($s);
                        $cards["{$certified}, {$base}, {$case}, {$child}"] = [$card->may->name, Told::english($card->because), implode(' ', $card->missing), implode(' ', $card->may === Truth::Yes ? Told::all([...FlightSteps::before($s), ...FlightSteps::aboard($s), ...FlightSteps::out($s), ...FlightCar::steps($s)]) : [])];
                    }
                }
            }
        }
        GoldenFile::assertHolds('ways/flight.json', $cards);
    }
}
