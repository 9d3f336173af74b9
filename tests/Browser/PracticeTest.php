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

    private static function choose(string $css): void
    {
        match (self::$hand) {
            Hand::Finger => self::actuate("label:has({$css})"),
            Hand::Keys, Hand::NoScripts => self::one($css)->sendKeys(WebDriverKeys::SPACE),
            Hand::Mouse => self::press($css),
        };
    }
}
