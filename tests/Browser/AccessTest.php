<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** Keyboard, no scripts, axe-core, targets, contrast. */
final class AccessTest extends BrowserTestCase
{
    /** Address of the check that is looked at. */
    private static ?string $check = null;

    private const SCREENS = ['/', '/events', '/kit', '/findings', '/findings?for=others', '/findings/checks?measure=erring', '/search?q=om-220', '/events/3/bookings', '/events/3/bookings/list', '/stand-ins/mail', '/arrive', '/visits/1/sheet', '/visits/9/consent', '/paper', '/calculators', '/calculators/wedge?f[setup.angle][amount]=27&f[setup.angle][unit]=deg', '/calculators/locking', '/handbook', '/account', '/account/record', '/change', '/practice', '/practice/order?seed=3&laid=2,0', 'class', '/bus', '/bus/plan', '/bus/trips', '/bus/layouts/1/edit', '/bus/vest?step=7', '/bus/trips/019ac000-0000-7000-8000-000000000004', '/calculators/flight/sheet?f[setup.mode][answer]=rear_harness', '/recalls', '/seats', '/seats/1', '/seats/1/edit', '/seats/new', '/practices/file', '/calculators/expiry/practices?f[seat.made_on][answer]=2020-03', '/visits/9/car', '/stand-ins/labels', '/stand-ins/manual', 'card', 'log', 'label', 'history', 'child', 'place', 'secure', 'measure', 'buckle', 'handover'];

    /** Looked at in Spanish too, whose words are longer. */
    private const LONGEST_WORDS = ['/', '/events', '/kit', '/findings', '/events/3/bookings', '/arrive', '/visits/1/sheet?both=1', '/calculators/locking', '/handbook', 'card', 'label', 'secure', 'measure', 'handover'];

    private const WCAG = '{runOnly: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"], resultTypes: ["violations"]}';

    /** The evening changes colours alone. */
    private const COLOURS = '{runOnly: ["color-contrast"], resultTypes: ["violations"]}';

    /** Text in the sun: seven to one. */
    private const SUN = '{runOnly: ["color-contrast-enhanced"], rules: {"color-contrast-enhanced": {enabled: true}}, resultTypes: ["violations"]}';

    /** Each screen is opened once and looked at as a desk by day, by evening and in the sun, and as a phone. */
    public function testEveryScreen(): void
    {
        $problems = [];
        self::scheme('light');
        self::open('/sign-in');
        self::lookAt('/sign-in', $problems);
        self::signIn();
        foreach (self::SCREENS as $screen) {
            self::openScreen($screen);
            self::lookAt($screen, $problems);
        }
        self::signIn('ines');
        self::open('/people');
        self::press('[data-person="odalys"] summary');
        self::lookAt('/people', $problems);
        self::open('/follow-ups?all=1');
        self::lookAt('/follow-ups', $problems);
        self::open('/practices/new');
        self::lookAt('/practices/new', $problems);
        self::open('/events/3/edit');
        self::waitFor('[data-planned]');
        self::lookAt('/events/3/edit', $problems);
        self::open('/events/3/bookings');
        self::press('form[action$="/link"] button');
        self::waitFor('[data-qr] svg');
        $family = (string) self::one('.link-shown')->getAttribute('value');
        self::lookAt('a family\'s link', $problems);
        self::$driver->get($family);
        self::lookAt('/family', $problems);
        self::signIn();
        self::open('/');
        self::press('.languages [value="es"]');
        self::waitFor('html[lang="es"]');
        foreach (self::LONGEST_WORDS as $screen) {
            self::openScreen($screen);
            self::lookAt("{$screen}, in Spanish", $problems);
        }
        self::press('.languages [value="en"]');
        self::waitFor('html[lang="en"]');
        self::assertSame([], $problems);
    }

    /** @param list<string> $problems */
    private static function lookAt(string $screen, array &$problems): void
    {
        self::$driver->executeScript((string) file_get_contents(dirname(__DIR__, 2) . '/node_modules/axe-core/axe.min.js'));
        self::viewport(1280, 800);
        array_push($problems, ...self::axe("{$screen}, desk by day", self::WCAG), ...self::axe("{$screen}, in the sun", self::SUN));
        self::scheme('dark');
        array_push($problems, ...self::axe("{$screen}, desk by evening", self::COLOURS));
        self::scheme('light');
        self::viewport(390, 844, true);
        array_push($problems, ...self::axe("{$screen}, phone", self::WCAG), ...self::tooSmallForAThumb($screen), ...self::tooWide($screen));
    }

    /** @return list<string> */
    private static function tooSmallForAThumb(string $screen): array
    {
        /** @var list<string> $small */
        $small = self::$driver->executeScript(<<<'JS'
            return [...document.querySelectorAll('a[href], button, select, input:not([type=hidden]), summary, label.tick')]
                .filter((e) => e.offsetParent !== null && !e.closest('label.tick input, .tick > input') && !(e.matches('input') && e.closest('label')) && !e.classList.contains('skip'))
                .map((e) => [e, e.getBoundingClientRect()])
                .filter(([e, r]) => r.width > 0 && (r.height < 47.5 || r.width < 44))
                .map(([e, r]) => `${e.tagName} "${(e.textContent || e.name).trim().slice(0, 30)}" ${Math.round(r.width)}x${Math.round(r.height)}`);
            JS);

        return array_map(static fn(string $one): string => "{$screen}, for a thumb: {$one}", $small);
    }

    /** @return list<string> */
    private static function tooWide(string $screen): array
    {
        return self::$driver->executeScript('return document.documentElement.scrollWidth > innerWidth + 1;') === true ? ["{$screen} is wider than a phone"] : [];
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
        self::waitFor('[data-phase="found"].on');
        self::keys('t');
        self::waitFor('[data-phase="left"].on');
        self::keys('8');
        self::waitFor('#check[data-station="handover"]');
        self::$driver->get(self::linkOf(7));
        self::waitFor('.next [data-path="seat.label_readable"]');
        self::keys('y');
        self::until(static fn(): bool => self::all('.next [data-path="seat.label_readable"]') === []);
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
            self::assertStringContainsString('cannot be read', self::waitFor('#new-try .problem')->getText());
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
        self::press('.next [data-path="setup.twisted"] [value="no"]');
        self::until(static fn(): bool => self::all('[data-code="secure.twist"]') === []);
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
        self::waitFor('[data-angle="38.5"]');

        // The device's own sensor: laid 20 degrees from upright.
        self::press('[data-angle-sensor]');
        self::$driver->executeScript('window.dispatchEvent(new DeviceOrientationEvent("deviceorientation", {beta: 70, alpha: 0, gamma: 0}));');
        self::until(static fn(): bool => self::one('[data-angle-now]')->getText() === '20° from the vertical');
        self::press('[data-angle-keep]');
        self::waitFor('[data-angle="20"]');
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
        self::until(static fn(): bool => count(self::all('[data-try^="side-"]')) === $tries);
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

    private static function linkOf(int $ticket): string
    {
        self::open('/');

        return (string) self::one("[data-ticket='{$ticket}'] .check-link")->getAttribute('href');
    }

    private static function openScreen(string $screen): void
    {
        if (str_starts_with($screen, '/')) {
            self::open($screen);

            return;
        }
        if ($screen === 'class') {
            self::open('/practice/classes/new');
            self::one('#f-title')->sendKeys('Access');
            self::press('[name="fixed[]"][value="upright_loose"]');
            self::press('form.card-work .press');
            self::waitFor('#class');
            self::press('[data-item="0"] [name="item"]');
            self::waitFor('[data-now]');

            return;
        }
        self::$check ??= self::linkOf(3);
        self::$driver->get((string) preg_replace('~/(found|left)/label$~', '/left/' . (in_array($screen, ['card', 'log'], true) ? 'label' : $screen), self::$check));
        if ($screen === 'card' || $screen === 'log') {
            self::$driver->get((string) preg_replace('~/left/.*$~', $screen === 'card' ? '/card/technician' : '/log', self::$driver->getCurrentURL()));

            return;
        }
        self::waitFor("#check[data-station='{$screen}']");
    }

    /** @return list<string> */
    private static function axe(string $screen, string $options): array
    {
        /** @var list<string> $problems */
        $problems = self::$driver->executeAsyncScript("const done = arguments[arguments.length - 1]; document.getAnimations().forEach((a) => { if (a instanceof CSSTransition) { a.finish(); } }); axe.run(document, {$options}).then((r) => done(r.violations.map((v) => v.id + ': ' + v.nodes.slice(0, 3).map((n) => n.target.join(' ') + ' ' + (n.any[0]?.message ?? '')).join(' | '))), (e) => done([String(e)]));");

        return array_map(static fn(string $p): string => "{$screen}: {$p}", $problems);
    }
}
