<?php

declare(strict_types=1);

namespace Tests\Browser;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Whole checks from found to good, answered from the findings panel alone, with what a technician has at hand: a finger on a phone, a
 * keyboard alone, a page without scripts. What is drawn is asserted, not only what is said.
 *
 * @phpstan-type Walk array{child: array{born?: string, weight: string, height: string, seat: string, made: string, mode: string, place: string}, facts: array<string, string|list<string>>, codes: list<string>, found: array<string, list<string>>, mend: list<array{string, string, string}>, again: array<string, string|list<string>>, left: array<string, list<string>>, retry?: list<array{string, string, string}>, practice?: string}
 */
final class ChecksTest extends BrowserTestCase
{
    use WalksChecks;

    /** As many bays as there are walks. */
    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::database('UPDATE checkup_events SET bays = 60');
    }

    /** What every good check has in common, by path. */
    private const COMMON = [
        'seat.label_readable' => 'yes', 'seat.registered' => 'yes', 'seat.history.known' => 'yes', 'seat.history.crash' => 'no', 'seat.history.damage' => 'nothing', 'seat.history.altered' => 'no',
        'seat.history.parts_missing' => 'nothing', 'seat.history.extras' => 'nothing', 'place.taken' => 'no', 'place.side_facing' => 'no', 'place.airbag' => 'no', 'place.belt' => 'lap_shoulder',
        'place.retractor' => 'switchable', 'place.latch_plate' => 'sliding', 'place.lower_anchors' => 'yes', 'place.tether_anchor' => 'yes', 'place.inflatable_belt' => 'no', 'handover.shown_back' => 'yes',
        'setup.vehicle_back_upright' => 'yes', 'setup.front_contact' => 'none', 'setup.level_ground' => 'yes', 'setup.wedge' => 'none', 'setup.movement.at_belt_path' => 'yes', 'setup.twisted' => 'no',
        'setup.harness.buckled' => 'yes', 'setup.harness.too_tight' => 'no', 'setup.harness.twisted' => 'no', 'setup.harness.slouch' => 'no', 'setup.harness.coat' => 'no', 'setup.harness.padding' => 'no',
        'setup.harness.crotch.under_child' => 'no', 'handover.technician' => 'sign',
    ];

    protected function setUp(): void
    {
        self::$hand = Hand::Mouse;
        self::database("UPDATE checkup_events SET practice = 'us', crash_policy = 'strict', second_signer = false");
    }

    protected function tearDown(): void
    {
        self::scripts(true);
    }

    /** @return array<string, Walk> */
    private static function walks(): array
    {
        $ago = static fn(string $ago): string => (new DateTimeImmutable("-{$ago}"))->format('Y-m-d');
        $harness = ['setup.harness.tightness.test' => 'pinch', 'setup.harness.tightness.passes' => 'yes', 'setup.harness.clip' => 'armpit', 'setup.harness.crotch.slot' => '1'];

        return [
            'infant seat on its base' => [
                'child' => ['born' => $ago('4 months'), 'weight' => '6,2', 'height' => '620', 'seat' => 'Ottermoor OM-90 Cove', 'made' => '2024-05', 'mode' => 'rear_harness', 'place' => 'Second row centre'],
                'facts' => [
                    'child.shoulder_height' => '200', 'setup.head_to_shell_top' => '90', 'setup.held_by' => 'belt', 'setup.base' => 'used', 'setup.shell_locked' => 'no', 'setup.belt_path' => 'rear', 'setup.lock' => ['lockoff'],
                    'setup.handle' => 'down', 'setup.movement.side' => '9', 'setup.movement.front' => '7', 'setup.indicator' => 'too_upright', 'setup.overhang' => '0', 'setup.base_on_cushion' => '100',
                    'setup.harness.slot' => '3', 'setup.tether.used' => 'no', 'setup.parts_fitted' => 'nothing', ...$harness,
                ],
                'codes' => ['secure.shell_unlocked', 'measure.too_upright', 'harness.height'],
                'found' => ['secure' => ['[data-drawing="secure"] .opening.in-use:not(.wrong)', '[data-drawing="secure"] .lock.claimed.holds'], 'measure' => ['[data-drawing="side"] [data-in-range="false"]'], 'buckle' => ['.slot.in-use[data-slot="3"]']],
                'mend' => [['secure.shell_unlocked', 'setup.shell_locked', 'yes'], ['measure.too_upright', 'setup.indicator', 'in'], ['harness.height', 'setup.harness.slot', '2']],
                'again' => ['setup.indicator' => 'in', 'setup.shell_locked' => 'yes', 'setup.harness.slot' => '2'],
                'left' => ['measure' => ['[data-drawing="side"] [data-in-range="true"]'], 'buckle' => ['.slot.in-use.right[data-slot="2"]']],
            ],
            'convertible turned forward' => [
                'child' => ['born' => $ago('45 months'), 'weight' => '19', 'height' => '1000', 'seat' => 'Ottermoor OM-220 Haven', 'made' => '2023-03', 'mode' => 'forward_harness', 'place' => 'Second row right'],
                'facts' => [
                    'child.shoulder_height' => '350', 'setup.ears_above' => 'no', 'setup.held_by' => 'belt', 'setup.belt_path' => 'rear', 'setup.lock' => ['retractor'], 'setup.movement.side' => '12', 'setup.movement.front' => '10',
                    'setup.recline_setting' => '3', 'setup.overhang' => '0', 'setup.base_on_cushion' => '100', 'setup.tether.used' => 'no', 'setup.tether.anchor_designated' => 'yes', 'setup.tether.slack' => 'no', 'setup.tether.routed' => 'yes', 'setup.tether.overtight' => 'no',
                    'setup.harness.slot' => '3', 'setup.parts_fitted' => 'nothing', ...$harness, 'setup.harness.crotch.slot' => '2',
                ],
                'codes' => ['secure.wrong_path', 'measure.tether_unused', 'harness.height'],
                'found' => ['secure' => ['[data-drawing="secure"] .opening.in-use.wrong'], 'measure' => ['[data-drawing="side"] .seat-body'], 'buckle' => ['.slot.in-use[data-slot="3"]']],
                'mend' => [['secure.wrong_path', 'setup.belt_path', 'forward'], ['measure.tether_unused', 'setup.tether.used', 'yes'], ['harness.height', 'setup.harness.slot', '5']],
                'again' => ['setup.harness.slot' => '5', 'setup.belt_path' => 'forward', 'setup.tether.used' => 'yes'],
                'left' => ['secure' => ['[data-drawing="secure"] .opening.in-use:not(.wrong)'], 'measure' => ['[data-drawing="side"] [data-tether]'], 'buckle' => ['.slot.in-use.right[data-slot="5"]']],
            ],
            'booster with three faults' => [
                'child' => ['born' => $ago('75 months'), 'weight' => '22', 'height' => '1180', 'seat' => 'Quillroe Q-15 Lift', 'made' => '2022-06', 'mode' => 'high_back_booster', 'place' => 'Second row left'],
                'facts' => [
                    'setup.held_by' => 'nothing', 'setup.booster.lap' => 'belly', 'setup.booster.shoulder' => 'mid_chest', 'setup.booster.under_arm' => 'yes', 'setup.booster.guides_ok' => 'no', 'setup.booster.head_support_ok' => 'yes',
                    'setup.booster.ears_above' => 'no', 'setup.overhang' => '0', 'setup.base_on_cushion' => '100', 'setup.parts_fitted' => 'nothing', 'setup.ears_above' => 'no', 'setup.recline_setting' => '1',
                ],
                'codes' => ['booster.lap', 'booster.under_arm', 'booster.guides'],
                'found' => ['buckle' => ['[data-drawing="buckle"] .vehicle-belt.wrong[data-belt="shoulder"]']],
                'mend' => [['booster.under_arm', 'setup.booster.under_arm', 'no'], ['booster.guides', 'setup.booster.guides_ok', 'yes']],
                'again' => ['setup.booster.lap' => 'thighs', 'setup.booster.under_arm' => 'no', 'setup.booster.guides_ok' => 'yes'],
                'left' => ['buckle' => ['[data-drawing="buckle"] [data-belt="shoulder"]:not(.wrong)', '[data-drawing="buckle"] [data-belt="lap"]']],
            ],
            'nz check with rear tether' => [
                'practice' => 'nz',
                'child' => ['born' => $ago('14 months'), 'weight' => '9,8', 'height' => '760', 'seat' => 'Pellwick PW-129 Isle', 'made' => '2024-02', 'mode' => 'rear_harness', 'place' => 'Second row left'],
                'facts' => [
                    'child.shoulder_height' => '270', 'setup.head_to_shell_top' => '80', 'setup.held_by' => 'belt', 'setup.belt_path' => 'rear', 'setup.lock' => ['retractor'], 'setup.movement.side' => '25', 'setup.movement.front' => '10',
                    'setup.indicator' => 'in', 'setup.angle' => '38', 'setup.recline_setting' => '1', 'setup.overhang' => '0', 'setup.base_on_cushion' => '100', 'setup.tether.used' => 'yes', 'setup.tether.anchor_designated' => 'yes', 'setup.tether.slack' => 'yes',
                    'setup.tether.overtight' => 'no', 'setup.tether.routed' => 'yes', 'setup.harness.slot' => '2', 'setup.harness.tightness.test' => 'finger', 'setup.harness.tightness.passes' => 'no', 'setup.harness.crotch.slot' => '1',
                    'setup.parts_fitted' => 'nothing', 'setup.harness.clip' => 'armpit', 'seat.chest_clip' => 'no',
                ],
                'codes' => ['measure.loose', 'measure.tether_slack', 'harness.slack'],
                'found' => ['measure' => ['[data-try="side-1"][data-within="no"]', '[data-drawing="side"] [data-tether]'], 'buckle' => ['[data-drawing="buckle"] [data-tight="false"]']],
                'mend' => [['measure.tether_slack', 'setup.tether.slack', 'no'], ['harness.slack', 'setup.harness.tightness.passes', 'yes']],
                'again' => ['setup.movement.side' => '24', 'setup.tether.slack' => 'no', 'setup.harness.tightness.passes' => 'yes'],
                'left' => ['measure' => ['[data-try="side-2"][data-within="yes"]'], 'buckle' => ['[data-drawing="buckle"] [data-tight="true"]']],
            ],
        ];
    }

    /** @return iterable<string, array{string, Hand, bool}> walk, hand, whether every answer is given by it; else only what is put right */
    public static function hands(): iterable
    {
        yield 'infant seat, by touch' => ['infant seat on its base', Hand::Finger, true];
        yield 'turned forward, by touch' => ['convertible turned forward', Hand::Finger, false];
        yield 'booster, by touch' => ['booster with three faults', Hand::Finger, false];
        yield 'nz with rear tether, by touch' => ['nz check with rear tether', Hand::Finger, false];
        yield 'booster, by keyboard alone' => ['booster with three faults', Hand::Keys, false];
        yield 'infant seat, without scripts' => ['infant seat on its base', Hand::NoScripts, true];
    }

    #[DataProvider('hands')]
    public function testFromFoundToGood(string $name, Hand $hand, bool $whole): void
    {
        $walk = self::walks()[$name];
        self::viewport(390, 844, true);
        self::database("UPDATE checkup_events SET practice = '" . ($walk['practice'] ?? 'us') . "'");
        self::signIn();
        self::metric();
        $ticket = self::arrive(ucfirst(substr(str_shuffle('abcdefghijklmnop'), 0, 8)), $walk['child']);
        self::press("[data-ticket='{$ticket}'] footer button");
        self::waitFor('.findings-foot');
        self::openCheck($ticket);
        self::$hand = $hand;
        if ($hand === Hand::NoScripts) {
            self::scripts(false);
            self::$driver->navigate()->refresh();
        }

        $facts = $walk['facts'] + self::COMMON;
        // Hand-over belongs to the other phase: it stays open while what was found is put down.
        $asFound = ['handover.shown_back' => 'unknown', 'handover.technician' => 'unknown'] + $facts;
        $whole ? self::answerFromThePanel($asFound) : self::answerUnseen($asFound);
        self::assertEqualsCanonicalizing($walk['codes'], self::codes());
        self::assertVerdict('fix_first');
        self::assertDrawn($walk['found']);

        $this->putItRight($ticket, $walk);
        self::assertSame([], self::codes());
        self::assertVerdict('good_to_ride');
        self::assertDrawn($walk['left']);
        self::assertEqualsCanonicalizing($walk['codes'], array_map(static fn($e): ?string => $e->getAttribute('data-corrected'), self::all('[data-corrected]')));
    }

    /** @param Walk $walk */
    private function putItRight(int $ticket, array $walk): void
    {
        self::openCheck($ticket, 'left', 'secure');
        foreach ($walk['mend'] as [$code, $path, $answer]) {
            self::putRight($code, $path, $answer);
        }
        self::answerFromThePanel($walk['again'] + $walk['facts'] + self::COMMON);
        foreach ($walk['retry'] ?? [] as [$code, $path, $answer]) {
            self::putRight($code, $path, $answer);
        }
        self::answerFromThePanel($walk['again'] + $walk['facts'] + self::COMMON);
    }

    /** @param array<string, list<string>> $drawn what each station's drawing must hold */
    private static function assertDrawn(array $drawn): void
    {
        foreach ($drawn as $station => $marks) {
            self::actuate(".station-nav a[href$='/{$station}']");
            self::waitFor("#check[data-station='{$station}']");
            foreach ($marks as $mark) {
                self::assertNotSame([], self::all($mark), "{$station} does not draw {$mark}");
            }
        }
    }
}
