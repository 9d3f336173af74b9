<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;

/** What a technician does with one hand beside answering: magnify a drawing, undo from the bar, try what may hold, take a picture. */
final class OneHandTest extends BrowserTestCase
{
    use WalksChecks;

    protected function setUp(): void
    {
        self::$hand = Hand::Finger;
        self::viewport(390, 844, true);
        self::signIn();
    }

    protected function tearDown(): void
    {
        self::scripts(true);
    }

    public function testTheDrawingIsSmallUntilItIsPressedAndThenAnswersToAFinger(): void
    {
        self::openCheck(5, 'found', 'buckle');
        $height = static fn(): int => self::one('.station > .drawing')->getSize()->getHeight();
        self::assertLessThanOrEqual(104, $height());
        self::assertLessThan(300, self::one('.next')->getLocation()->getY(), 'the one thing to look at stands at the top');

        self::actuate('[data-enlarge]');
        self::assertGreaterThan(300, $height());
        $slots = self::$driver->executeScript('return [...document.querySelectorAll("[data-drawing=buckle] [data-press]")].map((part) => { const box = part.getBoundingClientRect(); return Math.max(box.width, box.height); });');
        self::assertIsArray($slots);
        self::assertGreaterThanOrEqual(48, min([999, ...$slots]));
        self::actuate('[data-drawing="buckle"] .slot[data-slot="2"] rect:nth-of-type(2)');
        self::waitFor('.slot.in-use[data-slot="2"]');
        self::assertGreaterThan(300, $height(), 'it stays large while one works in it');
        self::actuate('[data-press="row-setup-harness-clip-low"]');
        self::waitFor('[data-clip="wrong"]');
        self::actuate('[data-enlarge]');
        self::assertLessThanOrEqual(104, $height());
    }

    /** Whatever answers to a finger is as large as one, once it is magnified. */
    public function testEveryPartOfADrawingIsAsLargeAsAFinger(): void
    {
        foreach (['history', 'child', 'place', 'secure', 'buckle'] as $station) {
            self::openCheck(5, 'found', $station);
            self::press('[data-enlarge]');
            $small = self::$driver->executeScript('return [...document.querySelectorAll(".station > .drawing [data-press]")].map((part) => [part.dataset.press, part.getBoundingClientRect()]).filter(([, box]) => Math.min(box.width, box.height) < 47.5).map(([name, box]) => `${name} ${box.width} x ${box.height}`);');
            self::assertSame([], $small, $station);
            self::assertNotSame([], self::all('.station > .drawing [data-press]'), $station);
        }
    }

    public function testUndoFromTheBar(): void
    {
        self::openCheck(5, 'found', 'buckle');
        self::give(".next form[data-path='setup.harness.coat']", 'yes');
        self::assertContains('harness.coat', self::codes());
        self::actuate('[data-undo-bar]');
        self::until(static fn(): bool => ! in_array('harness.coat', self::codes(), true));
        self::assertNotSame([], self::all(".next form[data-path='setup.harness.coat']"), 'it is asked again');
    }

    /** @return iterable<string, array{Hand}> */
    public static function hands(): iterable
    {
        yield 'by touch' => [Hand::Finger];
        yield 'by keyboard' => [Hand::Keys];
        yield 'without scripts' => [Hand::NoScripts];
    }

    #[DataProvider('hands')]
    public function testWhenItWillNotHold(Hand $hand): void
    {
        self::openCheck(3, 'left', 'measure');
        $check = basename(dirname((string) self::$driver->getCurrentURL(), 2));
        $noted = static fn(): int => (int) self::database("SELECT count(*) FROM facts WHERE check_id = '{$check}' AND key ~ '^(seen|tried)[.]slack_comes_back'");
        $before = $noted();
        foreach (["'setup.movement.side', 'null'", "'setup.movement.side_felt', '\"more\"'"] as $fact) {
            self::database("INSERT INTO facts (id, check_id, phase, key, value, observed_at, recorded_at, recorded_by, posted) SELECT gen_random_uuid(), '{$check}', 'left', k, v::jsonb, now(), now(), 1, 'x' FROM (VALUES ({$fact})) AS f (k, v)");
        }
        self::$hand = $hand;
        self::scripts($hand !== Hand::NoScripts);
        self::openCheck(3, 'left', 'measure');
        self::assertSame('measure.loose/side', self::one('.next [data-mend]')->getAttribute('data-mend'));
        self::assertNotSame([], self::all('[data-try^="side-"] rect'), 'what was felt is drawn too');

        self::send('.loose button[value="slack_comes_back"]');
        $step = (string) self::waitFor('[data-attempt]')->getAttribute('data-attempt');
        self::send("[data-attempt='{$step}'] button");
        self::assertNotSame($step, self::waitFor('[data-attempt]')->getAttribute('data-attempt'), 'one step at a time');
        self::send('.next [data-felt] button[value="within"]');
        self::until(static fn(): bool => ! in_array('measure.loose', self::codes(), true));
        self::assertGreaterThanOrEqual(2, $noted() - $before);
        self::open("/checks/{$check}/log");
        self::assertStringContainsString('Tried: Draw the belt out slowly', self::one('.log')->getText());
    }

    public function testAPictureIsShrunkOnTheDeviceAndShownBesideItsFact(): void
    {
        self::openCheck(5, 'found', 'label');
        // A picture that a camera would make: 2400 x 1800, drawn here so that none has to be shipped.
        $sent = self::$driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            const canvas = Object.assign(document.createElement('canvas'), {width: 2400, height: 1800});
            canvas.getContext('2d').fillText('Ottermoor OM-220', 50, 50);
            canvas.toBlob((blob) => {
                const files = new DataTransfer();
                files.items.add(new File([blob], 'camera.png', {type: 'image/png'}));
                const field = document.querySelector('[data-photo-file]');
                field.files = files.files;
                document.body.addEventListener('htmx:afterSettle', () => done(blob.size), {once: true});
                field.dispatchEvent(new Event('change', {bubbles: true}));
            });
            JS);
        self::assertIsInt($sent);
        $id = (string) self::waitFor('[data-photo]')->getAttribute('data-photo');
        $size = self::$driver->executeAsyncScript('const done = arguments[0]; const picture = new Image(); picture.onload = () => done([picture.naturalWidth, picture.naturalHeight]); picture.src = document.querySelector("[data-photo] img").src;');
        self::assertSame([1280, 960], $size);
        self::actuate("[data-photo='{$id}'] button");
        self::until(static fn(): bool => self::all('[data-photo]') === []);
    }

    public function testInSpanish(): void
    {
        self::open('/');
        self::press('.languages [value="es"]');
        self::waitFor('html[lang="es"]');
        self::openCheck(5, 'found', 'buckle');
        self::assertStringContainsString('Las lengüetas hicieron clic', self::one('.next .looks')->getText());
        self::give(".next form[data-path='setup.harness.coat']", 'yes');
        self::asListed();
        self::assertContains('harness.coat', self::codes());
        self::assertSame([], self::all('.next .looks form[data-path="setup.harness.coat"]'));
        self::press('.languages [value="en"]');
        self::waitFor('html[lang="en"]');
    }

    /** Presses, and waits for what comes back. */
    private static function send(string $css): void
    {
        $page = self::$driver->executeScript('return performance.timeOrigin;');
        $id = self::$driver->executeScript('return document.querySelector(arguments[0]).closest("form").querySelector("input[name=id]").value;', [$css]);
        self::assertIsString($id);
        self::actuate($css);
        if (self::$hand === Hand::NoScripts) {
            self::until(static fn(): bool => self::$driver->executeScript('return performance.timeOrigin;') !== $page);
        }
        self::until(static fn(): bool => self::all("input[name='id'][value='{$id}']") === []);
    }
}
