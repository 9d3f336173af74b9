<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;

/** The card in the family's hands on a phone, their consent on the glass, a check from paper, two people who save one model. */
final class FamilyHandsTest extends BrowserTestCase
{
    private static function check(int $ticket): string
    {
        return self::database("SELECT checks.id FROM checks JOIN visits ON visits.id = visit_id WHERE ticket = {$ticket} AND letter = 'A' AND checkup_event_id = (SELECT id FROM checkup_events WHERE name = 'Harvest market')");
    }

    public function testTheFamilyShowsItBackStepByStep(): void
    {
        $check = self::check(3);
        self::viewport(390, 844, true);
        self::signIn();
        self::open("/checks/{$check}/card/family");
        self::press('[name="adults"][value="2"]');
        self::waitFor('[data-adult="2"]');
        $count = count(self::all('.card-steps li'));
        foreach ([1, 2] as $adult) {
            self::open("/checks/{$check}/card/family?adult={$adult}");
            for ($step = 1; $step <= $count; $step++) {
                self::press("[data-step-number='{$step}'] [name='how'][value='" . ($step === 2 ? 'help' : 'alone') . "']");
                self::waitFor("[data-step-number='{$step}'] [name='how'][aria-pressed='true']");
            }
            self::assertSame([], self::all('[data-shown-back]'), 'with help does not count');
            self::press("[data-step-number='2'] [name='how'][value='alone']");
            self::waitFor("[data-step-number='2'].done");
        }
        self::waitFor('[data-shown-back]');
        self::assertNotSame([], self::all('[data-next] dt'), 'what comes next');
        self::press('[data-shown-back] .press');
        self::waitFor('#check');
        self::assertSame('true', self::database("SELECT value FROM facts WHERE check_id = '{$check}' AND key = 'handover.shown_back' ORDER BY seq DESC LIMIT 1"));
    }

    public function testConsentIsSignedOnTheGlassAndTypedAtTheDesk(): void
    {
        $visit = self::database("SELECT visit_id FROM checks WHERE id = '" . self::check(3) . "'");
        self::viewport(390, 844, true);
        self::signIn();
        self::open("/visits/{$visit}/consent");
        $pad = self::waitFor('[data-pad]');
        self::$driver->executeScript('arguments[0].scrollIntoView({block: "center"});', [$pad]);
        (new WebDriverActions(self::$driver))->moveToElement($pad, -60, 0)->clickAndHold()->moveByOffset(40, 20)->moveByOffset(40, -20)->release()->perform();
        self::assertMatchesRegularExpression('/^M\d+ \d+( L\d+ \d+)+$/', (string) self::one('input[name="signature"]')->getAttribute('value'));
        self::press('main form .press');
        self::waitFor('[data-consent] svg path[d^="M"]');
        self::viewport(1280, 800);
        self::open("/visits/{$visit}/consent");
        self::press('main form .press');
        self::assertStringContainsString('Sign on the glass', self::waitFor('main form .problem')->getText());
        self::one('#consent-name')->sendKeys('Maren');
        self::press('main form .press');
        self::until(static fn(): bool => str_contains(self::one('[data-consent]')->getText(), 'Maren'));
    }

    public function testACheckOnPaperIsTypedInWithItsTime(): void
    {
        $check = self::check(3);
        self::viewport(1280, 800);
        self::signIn();
        self::open('/paper');
        self::assertGreaterThan(60, count(self::all('.paper-check tbody tr')));
        self::open("/checks/{$check}/left/label");
        self::database("UPDATE checkup_events SET held_on = held_on - 1 WHERE name = 'Harvest market'");
        self::press('details.more:has(#seen-at) summary');
        self::$driver->executeScript('document.querySelector("#seen-at").value = "10:40";');
        self::press('form:has(#seen-at) .keep');
        self::assertStringContainsString('seen at 10:40', self::waitFor('[data-paper]')->getText());
        self::press('[data-paper] button');
        self::waitFor('#seen-at');
        self::database("UPDATE checkup_events SET held_on = held_on + 1 WHERE name = 'Harvest market'");
    }

    public function testTheSecondOfTwoSaversChoosesLineByLine(): void
    {
        $model = self::database("SELECT id FROM seat_models WHERE model = 'Q-15' AND replaced_by IS NULL");
        foreach ([false, true] as $phone) {
            $first = self::$driver;
            $phone ? self::viewport(390, 844, true) : self::viewport(1280, 800);
            self::signIn('odalys');
            self::open("/seats/{$model}/edit");
            $second = self::anotherBrowser();
            self::$driver = $second;
            self::signIn('ines');
            self::open("/seats/{$model}/edit");
            self::waitFor('#m-life_years')->clear()->sendKeys($phone ? '9' : '8');
            self::press('.model-form .actions .press');
            self::waitFor('[data-rule-of="life_years"]');
            self::$driver = $first;
            self::one('#m-name')->clear()->sendKeys($phone ? 'Lifted' : 'Lifts');
            self::press('.model-form .actions .press');
            self::waitFor('[data-differs="life_years"] [value="theirs"]:checked');
            self::waitFor('[data-differs="name"] [value="mine"]:checked');
            self::press('.model-form .actions .press');
            self::assertSame($phone ? '9' : '8', self::waitFor('[data-rule-of="life_years"] dd')->getText());
            self::assertStringContainsString($phone ? 'Lifted' : 'Lifts', self::one('h1')->getText());
            $model = self::database("SELECT id FROM seat_models WHERE model = 'Q-15' AND replaced_by IS NULL");
        }
    }
}
