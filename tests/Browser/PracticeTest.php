<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;

/** A drill solved by touch, by mouse, by keyboard and without scripts. */
final class PracticeTest extends BrowserTestCase
{
    use WalksChecks;

    /** @return iterable<string, array{Hand}> */
    public static function hands(): iterable
    {
        yield 'by touch' => [Hand::Finger];
        yield 'by mouse' => [Hand::Mouse];
        yield 'by keyboard' => [Hand::Keys];
        yield 'without scripts' => [Hand::NoScripts];
    }

    #[DataProvider('hands')]
    public function testADrillIsSolved(Hand $hand): void
    {
        self::$hand = $hand;
        $hand === Hand::Mouse || $hand === Hand::Keys ? self::viewport(1280, 800) : self::viewport(390, 844, true);
        self::scripts(true);
        self::signIn();
        self::scripts($hand !== Hand::NoScripts);
        self::open('/practice');
        self::actuate('[name="fixed"][value="slouch_hidden"]');
        self::waitFor('#drill[data-ended="no"]');
        self::assertSame([], self::all('.drill-row'), 'nothing shows before it is looked at');
        self::actuate('#look-front');
        self::waitFor('[data-look="front"] [data-drawing="buckle"]');
        foreach (['setup-harness-slouch' => 'harness.slouch', 'setup-harness-too-tight' => 'harness.too_tight'] as $row => $code) {
            self::actuate("#row-{$row} summary");
            self::actuate("#row-{$row} [name='code'][value='{$code}']");
            self::waitFor("[data-named='{$code}'][data-hit='yes']");
            self::choose("#find-{$row}-no");
            self::actuate("#mend-row-{$row} .press");
            self::waitFor($code === 'harness.slouch' ? '[data-verdict="fix_first"]' : '[data-verdict="good_to_ride"]');
        }
        self::actuate('#drill-end .press');
        self::waitFor('#drill[data-ended="yes"] [data-percent="100"]');
        self::assertTrue($hand === Hand::NoScripts || self::$driver->executeScript('return document.documentElement.scrollWidth <= innerWidth;') === true);
        self::scripts(true);
    }

    /** Pressing the part in the drawing opens it; what is not there explains itself; what was missed is told and comes back. */
    public function testAPartOfTheDrawingIsPressed(): void
    {
        self::$hand = Hand::Mouse;
        self::viewport(1280, 800);
        self::signIn();
        self::open('/practice');
        self::press('[name="fixed"][value="clip_low"]');
        self::waitFor('#drill');
        self::press('#look-front');
        self::waitFor('[data-look="front"]');
        self::$driver->executeScript('document.querySelector("[data-press=\'row-setup-harness-clip-low\']").dispatchEvent(new MouseEvent("click", {bubbles: true}));');
        self::waitFor('#row-setup-harness-clip[open]');
        self::press('#row-setup-harness-clip [name="code"]:not([value="harness.clip"]):not([value="harness.slack"]):not([value="harness.height"])');
        self::waitFor('[data-hit="no"]');
        self::assertStringContainsString('The rule looks for this', self::one('.drill-named.alarm')->getText());
        self::press('#drill-end .press');
        self::waitFor('#drill[data-ended="yes"]');
        self::assertCount(3, self::all('[data-missed]'));
        self::assertSame('0', self::one('[data-percent]')->getAttribute('data-percent'));
        self::open('/practice');
        self::assertStringContainsString('found 0 of 1', self::one('main')->getText());
    }

    /** Three people, each in a browser of their own: the instructor says which set-up all answer now; results come by error. */
    public function testAClassAnswersTogether(): void
    {
        self::$hand = Hand::Mouse;
        self::viewport(1280, 800);
        self::signIn('odalys');
        self::open('/practice/classes/new');
        self::one('#f-title')->sendKeys('Tuesday');
        self::press('[name="fixed[]"][value="lap_on_belly"]');
        self::press('[name="fixed[]"][value="wrong_path"]');
        self::press('form.card-work .press');
        self::waitFor('#class');
        $class = (string) parse_url(self::$driver->getCurrentURL(), PHP_URL_PATH);
        self::press('[data-item="1"] [name="item"]');
        self::waitFor('[data-item="1"].now');

        $instructor = self::$driver;
        self::waitFor('[data-now] [data-drawing="buckle"]');
        // The second has no account, only the link.
        foreach (['wren', null] as $number => $login) {
            self::$driver = self::anotherBrowser();
            try {
                self::viewport(390, 844, true);
                $login === null ?: self::signIn($login);
                self::open($class);
                self::assertSame([], self::all('[data-now]'));
                self::assertCount(1, self::all('[id^="begin-"]'), 'only the one that all answer');
                self::press('#begin-1 .press');
                self::waitFor('#drill');
                self::press('#look-front');
                self::waitFor('#row-setup-booster-lap');
                if ($number === 0) {
                    self::press('#row-setup-booster-lap [value="booster.lap"]');
                    self::waitFor('[data-named="booster.lap"]');
                }
                self::press('#drill-end .press');
                self::waitFor('#drill[data-ended="yes"]');
            } finally {
                self::$driver = $instructor;
            }
        }
        // The instructor's screen follows by itself.
        self::until(static fn(): bool => str_contains(self::one('#class')->getText(), '2 of 2 done'));
        self::assertStringContainsString('found 1 of 2', self::one('#class')->getText());
        self::assertStringNotContainsString('Wren', self::one('#class')->getText());
    }

    /** @return iterable<string, array{Hand}> */
    public static function layingHands(): iterable
    {
        yield 'by touch' => [Hand::Finger];
        yield 'by keyboard' => [Hand::Keys];
        yield 'without scripts' => [Hand::NoScripts];
    }

    #[DataProvider('layingHands')]
    public function testTheStepsAreLaidInOrder(Hand $hand): void
    {
        self::$hand = $hand;
        $hand === Hand::Keys ? self::viewport(1280, 800) : self::viewport(390, 844, true);
        self::scripts(true);
        self::signIn();
        self::scripts($hand !== Hand::NoScripts);
        self::open('/practice/order?seed=3');
        $count = count(self::all('[id^="step-"]'));
        self::actuate('#step-1');
        self::waitFor('#laid-1');
        self::actuate('#laid-1 button');
        self::waitFor('#step-1');
        for ($step = 0; $step < $count; $step++) {
            self::actuate("#step-{$step}");
            self::waitFor($step === $count - 1 ? '#order[data-right="yes"]' : "#laid-{$step}");
        }
        self::assertStringContainsString('All in order', self::one('#order')->getText());
        self::scripts(true);
    }

    private static function choose(string $css): void
    {
        match (self::$hand) {
            Hand::Finger => self::actuate("label:has({$css})"),
            Hand::Keys, Hand::NoScripts => self::one($css)->sendKeys(WebDriverKeys::SPACE),
            Hand::Mouse => self::press($css),
        };
    }
}
