<?php

declare(strict_types=1);

namespace Tests\Browser;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;

/**
 * What a whole check costs a technician with a phone in one hand, from "take into bay" to "gone home": presses on controls, and entries that
 * are typed. Known beforehand is what the arrival asks; every fact that is asked is entered; the check ends good to ride, with no question
 * open and two signatures. A press on less than 48 px, or a question that stands twice on a screen, fails.
 *
 * @phpstan-type Walk array{child: array{born?: string, weight: string, height: string, seat: string, made: string, mode: string, place: string}, found: array<string, string|list<string>>, left: array<string, string|list<string>>, codes: list<string>, most: array{int, int}}
 */
#[Group('taps')]
final class TapsTest extends BrowserTestCase
{
    use WalksChecks;

    /** In px; design of the screens. */
    private const FINGER = 48;

    private static int $taps = 0;

    private static int $typed = 0;

    /** @var list<string> what was pressed or typed, in order */
    private static array $log = [];

    private const EVERY = [
        'seat.label_readable' => 'yes', 'seat.registered' => 'yes', 'seat.history.known' => 'yes', 'seat.history.crash' => 'no', 'seat.history.damage' => 'nothing',
        'seat.history.altered' => 'no', 'seat.history.parts_missing' => 'nothing', 'seat.history.extras' => 'nothing', 'place.taken' => 'no', 'setup.vehicle_back_upright' => 'yes',
        'setup.front_contact' => 'none', 'setup.touches_vehicle_back' => 'yes', 'setup.head_restraint_pushes' => 'no', 'setup.level_ground' => 'yes', 'setup.wedge' => 'none', 'setup.movement.at_belt_path' => 'yes',
        'setup.movement.side' => 'within', 'setup.movement.front' => 'still', 'setup.movement.tether_loose' => 'yes', 'setup.twisted' => 'no', 'setup.overhang' => '0', 'setup.base_on_cushion' => '100',
        'setup.harness.buckled' => 'yes', 'setup.harness.too_tight' => 'no', 'setup.harness.twisted' => 'no', 'setup.harness.slouch' => 'no', 'setup.harness.coat' => 'no', 'setup.harness.padding' => 'no',
        'setup.harness.crotch.under_child' => 'no', 'setup.harness.crotch.slot' => '1', 'setup.harness.tightness.test' => 'pinch', 'setup.harness.tightness.passes' => 'yes', 'setup.harness.clip' => 'armpit',
        'setup.parts_fitted' => 'nothing', 'setup.anchor_designated' => 'yes', 'setup.anchors_borrowed' => 'no', 'setup.hook_right_way_up' => 'yes', 'setup.anchor_tail_loose' => 'no', 'setup.unused_straps_stowed' => 'yes',
        'setup.tether.anchor_designated' => 'yes', 'setup.tether.slack' => 'no', 'setup.tether.overtight' => 'no', 'setup.tether.twisted' => 'no', 'setup.tether.routed' => 'yes', 'setup.tether.hook_right_way_up' => 'yes',
        'setup.booster.lap' => 'thighs', 'setup.booster.shoulder' => 'mid_chest', 'setup.booster.under_arm' => 'no', 'setup.booster.guides_ok' => 'yes', 'setup.booster.head_support_ok' => 'yes', 'setup.booster.ears_above' => 'no',
        'setup.booster.slouch' => 'no', 'setup.booster.shoulder_slack' => 'no', 'setup.booster.belt_locked' => 'no', 'setup.ears_above' => 'no',
        'handover.shown_back' => 'yes', 'handover.technician' => 'sign', 'handover.checker' => 'sign',
    ];

    /** @return array<string, Walk> */
    private static function walks(): array
    {
        $ago = static fn(string $ago): string => (new DateTimeImmutable("-{$ago}"))->format('Y-m-d');
        $rear = [
            'child' => ['born' => $ago('14 months'), 'weight' => '9,8', 'height' => '760', 'seat' => 'Ottermoor OM-220 Haven', 'made' => '2024-02', 'mode' => 'rear_harness', 'place' => 'Second row left'],
            'found' => [
                'child.shoulder_height' => '270', 'setup.head_to_shell_top' => '80', 'setup.held_by' => 'belt', 'setup.belt_path' => 'rear', 'setup.lock' => ['retractor'],
                'setup.indicator' => 'in', 'setup.angle' => '40', 'setup.recline_setting' => '1', 'setup.tether.used' => 'no', 'setup.harness.slot' => '2',
            ],
            'left' => [],
            'codes' => [],
            'most' => [32, 8],
        ];
        $booster = [
            'child' => ['born' => $ago('75 months'), 'weight' => '22', 'height' => '1180', 'seat' => 'Quillroe Q-15 Lift', 'made' => '2022-06', 'mode' => 'high_back_booster', 'place' => 'Second row left'],
            'found' => ['setup.held_by' => 'nothing'],
            'left' => [],
            'codes' => [],
            'most' => [18, 4],
        ];

        return [
            'rear' => $rear,
            'forward' => [
                'child' => ['born' => $ago('45 months'), 'weight' => '16', 'height' => '1030', 'seat' => 'Ottermoor OM-220 Haven', 'made' => '2023-03', 'mode' => 'forward_harness', 'place' => 'Second row right'],
                'found' => [
                    'child.shoulder_height' => '350', 'setup.held_by' => 'lower_anchors', 'setup.belt_path' => 'forward', 'setup.recline_setting' => '3', 'setup.tether.used' => 'yes',
                    'setup.harness.slot' => '5', 'setup.harness.crotch.slot' => '2',
                ],
                'left' => [],
                'codes' => [],
                'most' => [36, 8],
            ],
            'booster' => $booster,
            'infant' => [
                'child' => ['born' => $ago('4 months'), 'weight' => '6,2', 'height' => '620', 'seat' => 'Ottermoor OM-90 Cove', 'made' => '2024-05', 'mode' => 'rear_harness', 'place' => 'Second row centre'],
                'found' => [
                    'child.shoulder_height' => '200', 'setup.head_to_shell_top' => '90', 'setup.held_by' => 'belt', 'setup.base' => 'used', 'setup.shell_locked' => 'yes', 'setup.belt_path' => 'rear', 'setup.lock' => ['lockoff'],
                    'setup.handle' => 'down', 'setup.indicator' => 'in', 'setup.harness.slot' => '2', 'setup.tether.used' => 'no',
                ],
                'left' => [],
                'codes' => [],
                'most' => [36, 8],
            ],
            'faults_rear' => [
                'found' => ['setup.twisted' => 'yes', 'setup.harness.coat' => 'yes', 'setup.harness.slot' => '4'] + $rear['found'],
                'left' => ['setup.twisted' => 'no', 'setup.harness.coat' => 'no', 'setup.harness.slot' => '2'],
                'codes' => ['secure.twist', 'harness.coat', 'harness.height'],
                'most' => [52, 16],
            ] + $rear,
            'faults_booster' => [
                'found' => ['setup.booster.lap' => 'belly', 'setup.booster.under_arm' => 'yes', 'setup.booster.guides_ok' => 'no', 'setup.booster.guides_missed' => ['lap_buckle_side']] + $booster['found'],
                'left' => ['setup.booster.lap' => 'thighs', 'setup.booster.under_arm' => 'no', 'setup.booster.guides_ok' => 'yes'],
                'codes' => ['booster.lap', 'booster.under_arm', 'booster.guides'],
                'most' => [38, 12],
            ] + $booster,
        ];
    }

    /** @return iterable<string, array{string}> all of them for bin/bench taps; among the tests the tightest, and one with faults */
    public static function names(): iterable
    {
        foreach (getenv('TAPS_REPORT') === false ? ['booster', 'faults_rear'] : array_keys(self::walks()) as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('names')]
    public function testCostsNoMore(string $name): void
    {
        $walk = self::walks()[$name];
        self::$hand = Hand::Finger;
        self::viewport(390, 844, true);
        self::database("UPDATE checkup_events SET practice = 'us', crash_policy = 'strict', second_signer = true");
        self::signIn();
        self::metric();
        $ticket = self::arrive(ucfirst(substr(str_shuffle('abcdefghijklmnop'), 0, 8)), $walk['child'], '[name="layout"][value="6"]');
        [self::$taps, self::$typed, self::$log] = [0, 0, []];

        self::touch("[data-ticket='{$ticket}'] footer button");
        self::waitFor('.findings-foot');
        self::answerAll($walk['found'] + self::EVERY);
        self::assertEqualsCanonicalizing($walk['codes'], self::codes());
        self::touch('[data-afterwards]');
        self::waitFor('[data-phase-shown="left"]');
        self::answerAll($walk['left'] + $walk['found'] + self::EVERY);
        self::assertSame('good_to_ride', self::one('.verdict')->getAttribute('data-verdict'), self::one('.next')->getText() . implode("\n", self::$log));
        self::touch('[data-leave="good"]');
        self::waitFor('main.sheet');
        self::assertSame('2', self::database("SELECT count(*) FROM facts f JOIN checks c ON c.id = f.check_id JOIN visits v ON v.id = c.visit_id WHERE v.checkup_event_id = 1 AND v.ticket = {$ticket} AND f.key IN ('handover.technician', 'handover.checker')"));
        self::report($name);
        self::assertLessThanOrEqual($walk['most'][0], self::$taps, implode("\n", self::$log));
        self::assertLessThanOrEqual($walk['most'][1], self::$typed, implode("\n", self::$log));
    }

    private static function report(string $name): void
    {
        $file = getenv('TAPS_REPORT');
        if (is_string($file) && $file !== '') {
            file_put_contents($file, sprintf("bench: taps_%s %d taps\nbench: typed_%s %d fields\n", $name, self::$taps, $name, self::$typed), FILE_APPEND);
        }
    }

    /** @param array<string, string|list<string>> $answers */
    private static function answerAll(array $answers): void
    {
        for ($i = 0; $i < 120; $i++) {
            self::assertNoQuestionTwice();
            if (self::all('.next .looks') !== []) {
                self::lookThrough($answers);
                continue;
            }
            if (self::all('.next [data-strap-test]') !== []) {
                self::enter('.next [data-strap-test="' . self::text($answers, 'setup.harness.tightness.test') . '"]', self::text($answers, 'setup.harness.tightness.passes'), 'tightness');
                continue;
            }
            $forms = array_map(static fn($f): string => (string) $f->getAttribute('data-path'), self::all('.next form[data-path], .next form[data-felt]'));
            if ($forms === []) {
                return;
            }
            $path = self::key((string) (self::all('.next [data-mend]') === [] ? end($forms) : $forms[0]));
            self::assertArrayHasKey($path, $answers, "asks {$path}");
            self::enter(self::all('.next form[data-felt]') !== [] ? '.next form[data-felt]' : '.next form[data-path]', $answers[$path], $path);
        }
    }

    private static function assertNoQuestionTwice(): void
    {
        $shown = self::$driver->executeScript('return [...document.querySelectorAll("form[data-path]")].filter((form) => form.checkVisibility()).map((form) => form.dataset.path);');
        self::assertIsArray($shown);
        $shown = array_filter($shown, is_string(...));
        self::assertSame([], array_diff_assoc($shown, array_unique($shown)), 'a question stands twice');
    }

    /** @param array<string, string|list<string>> $answers */
    private static function lookThrough(array $answers): void
    {
        $listed = [];
        foreach (self::all('.next .looks form[data-path]') as $line) {
            $listed[(string) $line->getAttribute('data-path')] = (string) $line->getAttribute('data-good');
        }
        foreach ($listed as $path => $good) {
            if (self::text($answers, self::key($path)) !== $good) {
                $line = ".next .looks form[data-path='{$path}']";
                if (self::all("{$line} details") !== []) {
                    self::touch("{$line} summary", $path);
                }
                self::enter($line, self::text($answers, self::key($path)), $path);

                return;
            }
        }
        $id = self::one('.next .looks input[name="lines[]"]')->getAttribute('value');
        self::touch('.next .looks [data-rest]', implode(' ', array_keys($listed)));
        self::swapped('.next .looks input[name="lines[]"]', $id);
    }

    /** @param string|list<string> $answer */
    private static function enter(string $form, string|array $answer, string $path): void
    {
        $id = self::waitFor("{$form} input[name='id']")->getAttribute('value');
        if (is_array($answer)) {
            self::touch("{$form} button[name='answers[]'][value='{$answer[0]}']", $path);
        } elseif (self::all("{$form} button[name='answer'][value='{$answer}']") !== []) {
            self::touch("{$form} button[name='answer'][value='{$answer}']", $path);
        } elseif ($path === 'handover.checker') {
            self::type("{$form} input[name='pin']", '2468', $path);
            self::touch("{$form} button[value='odalys']", $path);
        } else {
            $field = "{$form} input[name='amount'], {$form} input[name='answer']";
            self::type($field, $answer, $path);
            self::touch("{$form} .keep", $path);
        }
        self::swapped("{$form} input[name='id']", $id);
    }

    private static function type(string $field, string $text, string $path): void
    {
        if (self::$driver->executeScript('return document.activeElement !== document.querySelector(arguments[0]);', [$field])) {
            self::touch($field, "{$path} (focus)");
        }
        self::$typed++;
        self::$log[] = "typed {$path} {$text}";
        self::$driver->getKeyboard()->sendKeys($text);
    }

    /** @param array<string, string|list<string>> $answers */
    private static function text(array $answers, string $path): string
    {
        self::assertArrayHasKey($path, $answers, "asks {$path}");
        self::assertIsString($answers[$path]);

        return $answers[$path];
    }

    private static function touch(string $css, string $what = ''): void
    {
        self::$taps++;
        self::$log[] = self::$taps . ' ' . ($what === '' ? $css : $what);
        $size = self::one($css)->getSize();
        self::assertGreaterThanOrEqual(self::FINGER, min($size->getWidth(), $size->getHeight()), "{$css} is smaller than a finger");
        self::tap($css);
    }
}
