<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;

/** Keyboard, no scripts, axe-core, targets, contrast. */
final class AccessTest extends BrowserTestCase
{
    private const SCREENS = ['/', '/arrive', '/visits/1/sheet', '/finders', '/finders/wedge?f[setup.angle][amount]=27&f[setup.angle][unit]=deg', '/finders/locking', '/handbook', '/recalls', '/shelf', '/shelf/1', '/shelf/1/edit', '/visits/9/car', '/stand-ins/labels', '/stand-ins/manual', 'card', 'log', 'label', 'history', 'child', 'place', 'secure', 'measure', 'buckle', 'handover'];

    /** @return iterable<string, array{'light'|'dark', int, int}> */
    public static function themes(): iterable
    {
        yield 'day, desk' => ['light', 1280, 800];
        yield 'evening, desk' => ['dark', 1280, 800];
        yield 'day, phone' => ['light', 390, 844];
    }

    /** @param 'light'|'dark' $scheme */
    #[DataProvider('themes')]
    public function testAxeFindsNothing(string $scheme, int $width, int $height): void
    {
        self::viewport($width, $height, $width < 500);
        self::scheme($scheme);
        self::open('/sign-in');
        $problems = self::axe('/sign-in');
        self::signIn();
        foreach (self::SCREENS as $screen) {
            self::openScreen($screen);
            $problems = [...$problems, ...self::axe($screen)];
        }
        self::assertSame([], $problems);
    }

    public function testTextInTheSunHasSevenToOne(): void
    {
        self::viewport(1280, 800);
        self::scheme('light');
        self::signIn();
        $poor = [];
        foreach (self::SCREENS as $screen) {
            self::openScreen($screen);
            $poor = [...$poor, ...self::axe($screen, '{runOnly: ["color-contrast-enhanced"], rules: {"color-contrast-enhanced": {enabled: true}}}')];
        }
        self::assertSame([], $poor);
    }

    public function testTargetsAreLargeEnoughForAThumb(): void
    {
        self::viewport(390, 844, true);
        self::signIn();
        foreach (self::SCREENS as $screen) {
            self::openScreen($screen);
            /** @var list<string> $small */
            $small = self::$driver->executeScript(<<<'JS'
                return [...document.querySelectorAll('a[href], button, select, input:not([type=hidden]), summary, label.tick')]
                    .filter((e) => e.offsetParent !== null && !e.closest('label.tick input, .tick > input') && !(e.matches('input') && e.closest('label')) && !e.classList.contains('skip'))
                    .map((e) => [e, e.getBoundingClientRect()])
                    .filter(([e, r]) => r.width > 0 && (r.height < 47.5 || r.width < 44))
                    .map(([e, r]) => `${e.tagName} "${(e.textContent || e.name).trim().slice(0, 30)}" ${Math.round(r.width)}x${Math.round(r.height)}`);
                JS);
            self::assertSame([], $small, $screen);
        }
    }

    public function testByKeyboardAlone(): void
    {
        self::viewport(1280, 800);
        self::signIn();
        self::openScreen('label');
        self::keys('6');
        self::waitFor('#check[data-station="measure"]');
        self::keys('m');
        self::assertSame('try-amount', self::$driver->switchTo()->activeElement()->getAttribute('id'));
        self::$driver->getKeyboard()->sendKeys('6');
        self::assertSame('6', self::one('#try-amount')->getAttribute('value'), 'a digit typed is not a station pressed');
        self::$driver->getKeyboard()->sendKeys([WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::ENTER]);
        self::waitFor('[data-try="side-4"]');
        self::keys(']');
        self::waitFor('#check[data-station="buckle"]');
        self::keys('[');
        self::waitFor('#check[data-station="measure"]');
        self::keys('t');
        self::waitFor('[data-track="found"].on');
        self::keys('t');
        self::waitFor('[data-track="left"].on');
        self::keys('8');
        self::waitFor('#check[data-station="handover"]');
        self::keys('y');
        self::waitFor('#row-handover-shown-back .on[value="yes"]');
    }

    public function testWithoutScripts(): void
    {
        self::viewport(390, 844, true);
        self::signIn();
        self::scripts(false);
        try {
            self::openScreen('measure');
            self::assertSame([], array_filter(self::all('.step'), static fn($e): bool => $e->isDisplayed()), 'what needs scripts is not shown');
            self::one('#try-amount')->sendKeys('2');
            self::one('#new-try button[value="setup.movement.front"]')->sendKeys(WebDriverKeys::ENTER);
            self::waitFor('[data-try="front-2"][data-within="no"]');
            self::one('#try-amount')->sendKeys('plenty');
            self::one('#new-try button[value="setup.movement.front"]')->sendKeys(WebDriverKeys::ENTER);
            self::assertStringContainsString('is no number', self::waitFor('#new-try .problem')->getText());
            self::assertSame('plenty', self::one('#try-amount')->getAttribute('value'));
        } finally {
            self::scripts(true);
        }
    }

    public function testAnAnswerThatCannotBeSentSaysSo(): void
    {
        self::viewport(390, 844, true);
        self::signIn();
        self::openScreen('secure');
        self::stopApp();
        try {
            self::press('.station [data-path="setup.twisted"] [value="yes"]');
            self::assertStringContainsString('Not sent: the network is away.', self::waitFor('.trouble')->getText());
        } finally {
            self::startApp();
        }
        self::press('.station [data-path="setup.twisted"] [value="yes"]');
        self::waitFor('[data-code="secure.twist"]');
        self::assertSame([], self::all('.trouble'));
        self::press('.station [data-path="setup.twisted"] [value="no"]');
        self::waitFor('#row-setup-twisted .on[value="no"]');
    }

    public function testTheAngleComesFromTheGauge(): void
    {
        self::viewport(390, 844, true);
        self::signIn();
        self::openScreen('measure');
        self::assertTrue(self::one('[data-angle-keep]')->getAttribute('disabled') !== null);
        self::$driver->executeScript('const r = document.querySelector("[data-angle-simulated]"); r.closest("details").open = true; r.value = 38.5; r.dispatchEvent(new Event("input", {bubbles: true}));');
        self::assertSame('38.5° from the vertical, simulated', self::one('[data-angle-now]')->getText());
        self::press('[data-angle-keep]');
        self::waitFor('[data-angle="38.5°"]');

        // The device's own sensor: laid 20 degrees from upright.
        self::press('[data-angle-sensor]');
        self::$driver->executeScript('window.dispatchEvent(new DeviceOrientationEvent("deviceorientation", {beta: 70, alpha: 0, gamma: 0}));');
        self::$driver->wait(5, 50)->until(static fn(): bool => self::one('[data-angle-now]')->getText() === '20° from the vertical');
        self::press('[data-angle-keep]');
        self::waitFor('[data-angle="20°"]');
    }

    public function testKeysTakeBackOpenTheCardAndShowThemselves(): void
    {
        self::viewport(1280, 800);
        self::signIn();
        self::openScreen('measure');
        $tries = count(self::all('[data-try^="side-"]'));
        self::one('#try-amount')->sendKeys('7');
        self::press('#new-try button[value="setup.movement.side"]');
        self::waitFor('[data-try="side-' . ($tries + 1) . '"]');
        self::keys('z');
        self::$driver->wait(5, 50)->until(static fn(): bool => count(self::all('[data-try^="side-"]')) === $tries);
        self::keys('?');
        self::assertStringContainsString('take the last entry back', self::waitFor('dialog[data-keys][open]')->getText());
        self::$driver->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        self::keys('c');
        self::waitFor('#card');
    }

    public function testNothingDrawnLeadsWhileAsFoundIsRecorded(): void
    {
        self::viewport(1280, 800);
        self::signIn();
        self::openScreen('buckle');
        self::assertNotSame([], self::all('.slot.right'), 'what was left is held against what is right');
        $check = (string) preg_replace('~/left/.*$~', '', self::$driver->getCurrentURL());
        foreach (['buckle', 'measure', 'secure'] as $station) {
            self::$driver->get("{$check}/found/{$station}");
            self::assertSame([], self::all('.station .ghost, .station .mend'), $station);
        }
    }

    public function testNothingIsDoubledByReloadOrBack(): void
    {
        self::viewport(1280, 800);
        self::signIn();
        self::openScreen('measure');
        $tries = count(self::all('[data-try^="side-"]'));
        self::one('#try-amount')->sendKeys('3');
        self::press('#new-try button[value="setup.movement.side"]');
        self::waitFor('[data-try="side-' . ($tries + 1) . '"]');
        self::$driver->navigate()->refresh();
        self::waitFor('[data-try="side-' . ($tries + 1) . '"]');
        self::$driver->navigate()->back();
        self::$driver->navigate()->forward();
        self::waitFor('#check[data-station="measure"]');
        self::assertCount($tries + 1, self::all('[data-try^="side-"]'));
    }

    public function testTheBrowserHasNothingToComplainAbout(): void
    {
        self::signIn();
        self::$driver->manage()->getLog('browser');
        self::openScreen('buckle');
        self::press('[data-slot="1"] .reach');
        self::waitFor('.slot.in-use[data-slot="1"]');
        /** @var list<array{message: string}> $log */
        $log = self::$driver->manage()->getLog('browser');
        self::assertSame([], array_values(array_filter(array_column($log, 'message'), static fn(string $m): bool => ! str_contains($m, '422') && ! str_contains($m, '/sign-in'))));
    }

    private static function keys(string $key): void
    {
        self::$driver->executeScript('document.activeElement?.blur(); document.body.dispatchEvent(new KeyboardEvent("keydown", {key: arguments[0], bubbles: true})); ', [$key]);
    }

    private static function openScreen(string $screen): void
    {
        if (str_starts_with($screen, '/')) {
            self::open($screen);

            return;
        }
        self::open('/');
        self::$driver->get((string) preg_replace('~/(found|left)/label$~', '/left/' . (in_array($screen, ['card', 'log'], true) ? 'label' : $screen), (string) self::one("[data-ticket='3'] .check-link")->getAttribute('href')));
        if ($screen === 'card' || $screen === 'log') {
            self::$driver->get((string) preg_replace('~/left/.*$~', $screen === 'card' ? '/card/technician' : '/log', self::$driver->getCurrentURL()));

            return;
        }
        self::waitFor("#check[data-station='{$screen}']");
    }

    /** @return list<string> */
    private static function axe(string $screen, string $options = '{runOnly: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"]}'): array
    {
        self::$driver->executeScript((string) file_get_contents(dirname(__DIR__, 2) . '/node_modules/axe-core/axe.min.js'));
        /** @var list<string> $problems */
        $problems = self::$driver->executeAsyncScript("const done = arguments[arguments.length - 1]; axe.run(document, {$options}).then((r) => done(r.violations.map((v) => v.id + ': ' + v.nodes.slice(0, 3).map((n) => n.target.join(' ') + ' ' + (n.any[0]?.message ?? '')).join(' | '))), (e) => done([String(e)]));");

        return array_map(static fn(string $p): string => "{$screen} {$p}", $problems);
    }
}
