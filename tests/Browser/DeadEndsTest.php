<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverSelect;

/** Where somebody once stood and could not go on, or went on with something false: driven as it happens in the lot. */
final class DeadEndsTest extends BrowserTestCase
{
    use WalksChecks;

    /** What each step of a locking clip needs to be so, and what it makes so; a step that is not listed touches nothing of the belt. */
    private const ACTS = [
        'open_path' => [[], ['path' => 'open']],
        'thread' => [['path' => 'open', 'buckled' => 'no'], ['belt' => 'threaded']],
        'buckle' => [['belt' => 'threaded', 'buckled' => 'no'], ['buckled' => 'yes']],
        'retractor_length' => [['buckled' => 'yes'], ['retractor' => 'free']],
        'weight' => [['buckled' => 'yes', 'retractor' => 'free'], ['weight' => 'on']],
        'tighten' => [['buckled' => 'yes', 'weight' => 'on', 'clip' => 'off'], ['belt' => 'tight']],
        'pinch' => [['belt' => 'tight', 'buckled' => 'yes'], ['parts' => 'pinched']],
        'unbuckle' => [['parts' => 'pinched'], ['buckled' => 'no']],
        'clip_on' => [['parts' => 'pinched', 'buckled' => 'no'], ['clip' => 'on']],
        'retractor_free' => [['clip' => 'on'], ['retractor' => 'free']],
        'rebuckle' => [['clip' => 'on', 'buckled' => 'no'], ['buckled' => 'yes']],
        'prove' => [['clip' => 'on', 'buckled' => 'yes', 'belt' => 'tight', 'retractor' => 'free'], ['lock' => 'proven']],
    ];

    protected function setUp(): void
    {
        self::$hand = Hand::Mouse;
        self::viewport(390, 844, true);
        self::signIn();
    }

    public function testTheClipsCardActedOut(): void
    {
        self::openCheck(3, 'left', 'secure');
        self::answer(['setup.lock', ['retractor', 'clip']]);
        self::press('a[href$="/card/technician"]');
        self::waitFor('#card');
        $steps = count(self::all('[data-step]'));
        $now = ['path' => 'shut', 'belt' => 'loose', 'buckled' => 'no', 'retractor' => 'locked', 'weight' => 'off', 'parts' => 'apart', 'clip' => 'off', 'lock' => 'no'];
        for ($done = 1; $done <= $steps; $done++) {
            $code = (string) self::one('.card-steps .current')->getAttribute('data-step');
            [$needs, $makes] = self::ACTS[$code] ?? [[], []];
            self::assertEquals($needs, array_intersect_key($now, $needs), "{$code} cannot be done, standing so: " . json_encode($now));
            $now = $makes + $now;
            self::press('.card-steps .current button');
            self::waitFor(".card-progress[data-done='{$done}']");
        }

        self::assertSame([], self::all('.card-steps .current'));
        self::assertEquals(['path' => 'open', 'belt' => 'tight', 'buckled' => 'yes', 'retractor' => 'free', 'weight' => 'on', 'parts' => 'pinched', 'clip' => 'on', 'lock' => 'proven'], $now);
        self::openCheck(3, 'left', 'secure');
        self::answer(['setup.lock', ['clip']]);
    }

    public function testAnAnswerWhoseReplyWasLostIsNotDroppedInSilence(): void
    {
        self::openCheck(4, 'found', 'history');
        $form = ".station [data-path='seat.history.crash']";
        $sent = self::$driver->executeAsyncScript(<<<'JS'
            const [css, done] = arguments;
            const form = document.querySelector(css).closest('form') ?? document.querySelector(css);
            const body = new FormData(form);
            body.set('answer', 'yes');
            fetch(form.getAttribute('hx-post') ?? form.action, {method: 'POST', body, headers: {'HX-Request': 'true'}}).then(r => done(r.status));
            JS, [$form]);
        self::assertSame(200, $sent);
        self::press("{$form} button[name='answer'][value='no']");

        self::waitFor("{$form} .problem");
        self::assertStringContainsString('Another answer was kept under this entry before', self::one("{$form} .problem")->getText());
        self::assertSame('yes', self::one("{$form} .choice.on")->getAttribute('value'), 'what is kept is shown');
        self::press("{$form} button[name='answer'][value='no']");
        self::waitFor("{$form} .choice.on[value='no']");
    }

    public function testASignatureWhoseCardHasNoDateAsksForIt(): void
    {
        self::database("UPDATE users SET certified_until = NULL WHERE login = 'wren'");
        self::openCheck(6, 'left', 'handover');
        self::answer(['handover.shown_back', 'yes']);
        self::answer(['handover.technician', 'sign']);
        self::waitFor(".station [data-path='handover.technician.certified_until'] input[name='answer']");
        self::$driver->executeScript('arguments[0].value = "2027-06-30";', [self::one(".station [data-path='handover.technician.certified_until'] input[name='answer']")]);
        self::press(".station form[data-path='handover.technician.certified_until'] .keep");
        self::gone(".station form.asked[data-path='handover.technician.certified_until']");
        self::assertSame([], array_map(static fn($e): string => $e->getText(), self::all("[data-path='handover.technician.certified_until'] .problem")));
        self::assertNotContains('handover.certification', self::codes());
        self::database("UPDATE users SET certified_until = '2027-09-30' WHERE login = 'wren'");
    }

    public function testSlotsInInchesStayInches(): void
    {
        self::openCheck(9, 'found', 'buckle');
        $form = "[data-path='seat.slots']";
        if (self::all(".station {$form}") === []) {
            self::press('.more > summary');
            self::press(".more [data-note='seat.slots']");
            self::waitFor(".station {$form}");
        }
        self::one(".station {$form} textarea")->sendKeys("8 in\n10,5\n12 1/2");
        self::press(".station {$form} .keep");
        self::waitFor(".station {$form} .problem");
        self::assertStringContainsString('12 1/2', self::one(".station {$form} textarea")->getAttribute('value') ?? '', 'what was typed stays');
        self::one(".station {$form} textarea")->clear()->sendKeys("8 in\n10,5\n12.5");
        self::give(".station {$form}", []);
        self::assertSame("8 in\n10.5 in\n12.5 in", self::one(".station {$form} textarea")->getAttribute('value'));
        self::give(".station {$form}", []);
        self::assertSame("8 in\n10.5 in\n12.5 in", self::one(".station {$form} textarea")->getAttribute('value'), 'kept again as it stands');
    }

    public function testAFamilyLeavesWithSomethingOpenOnlyAfterASecondLook(): void
    {
        self::openCheck(7, 'left', 'handover');
        self::press('.steps .press');
        self::waitFor('main.sheet');
        self::press('[data-departure]');
        self::waitFor('main.departure');
        self::assertNotSame([], self::all('[data-child] li'), 'what is open is named');
        self::press('[data-leave="open"]');
        self::waitFor('.notice.problem');
        self::press('[name="reason"][value="comes_back"]');
        self::one('#words')->sendKeys('after lunch');
        self::press('[data-leave="open"]');
        self::waitFor('.notice.problem');
        self::assertStringContainsString('second person', self::one('.notice.problem')->getText());
        self::assertSame('after lunch', self::one('#words')->getAttribute('value'), 'what was typed stays');
        self::press('label:has([name="second"]):last-of-type input');
        self::one('#password')->sendKeys('market-day');
        self::press('[data-leave="open"]');
        self::waitFor('main.sheet .left-open');
        self::assertStringContainsString('after lunch', self::one('.left-open')->getText());
        self::assertSame([], self::all('[data-departure]'));
    }

    public function testAMisreadMakerIsMatchedOnlyByItsNearNameOrTheLabel(): void
    {
        self::openCheck(5, 'found', 'label');
        self::answer(['seat.maker', 'Ottermor']);
        self::waitFor('[data-doubt="seat.maker"] [data-near="Ottermoor"]');
        self::press('[data-doubt="seat.maker"] [data-near="Ottermoor"]');
        self::gone('[data-doubt]');
        self::assertSame('Ottermoor', self::one(".station [data-path='seat.maker'] input[name='answer']")->getAttribute('value'));
        self::answer(['seat.maker', 'Thrushel Works']);
        self::waitFor('[data-confirm-name]');
        self::press('[data-confirm-name]');
        self::gone('[data-doubt]');
    }

    public function testWhetherASeatMayFlyIsReadFromItsShelfAndItsChild(): void
    {
        self::open('/calculators/flight');
        (new WebDriverSelect(self::waitFor('#calculator-form select')))->selectByVisibleText('Ottermoor OM-220 Haven');
        self::gone('[name="f[seat.aircraft_certified][answer]"]');
        self::press('[name="f[setup.mode][answer]"][value="high_back_booster"]');
        self::waitFor('.calculator-headline[data-answer="no"]');
        self::press('[name="f[setup.mode][answer]"][value="rear_harness"]');
        self::waitFor('.calculator-headline[data-answer="unknown"]');
        foreach (['child.weight' => '22', 'child.height' => '29'] as $path => $amount) {
            self::one("[name='f[{$path}][amount]']")->sendKeys($amount);
        }
        self::$driver->executeScript('const e = document.querySelector(arguments[0]); e.value = "2025-09-01"; e.dispatchEvent(new Event("change", {bubbles: true}));', ["[name='f[child.born_on][answer]']"]);
        self::waitFor("[name='f[setup.head_to_shell_top][amount]']")->sendKeys('3');
        self::press('#calculator-form .press');
        self::waitFor('.calculator-headline[data-answer="yes"]');
        self::assertStringContainsString('Lap belt only', self::one('.calculator-answer')->getText());
    }

    /** What is chosen in the moment in which an answer arrives counts: that answer is no longer drawn. */
    public function testWhatIsChosenWhileAnAnswerArrivesStays(): void
    {
        self::open('/calculators/flight');
        (new WebDriverSelect(self::waitFor('#calculator-form select')))->selectByVisibleText('Ottermoor OM-220 Haven');
        self::gone('[name="f[seat.aircraft_certified][answer]"]');
        [$first, $second] = array_map(static fn(string $mode): string => "[name=\"f[setup.mode][answer]\"][value=\"{$mode}\"]", ['high_back_booster', 'rear_harness']);
        self::$driver->executeScript('const second = arguments[0]; document.body.addEventListener("htmx:beforeOnLoad", () => document.querySelector(second).click(), {once: true});', [$second]);
        self::press($first);
        self::until(static fn(): bool => str_contains(self::$driver->getCurrentURL(), '=rear_harness'), 'it is not asked again');

        self::assertTrue(self::one($second)->isSelected());
    }

    /** An answer whose reply comes late does not take away what is being typed beside it; what it was itself is not kept twice. */
    public function testWhatIsTypedStaysWhenALateReplyComes(): void
    {
        self::openCheck(3, 'left', 'measure');
        $side = count(self::all('[data-try^="side-"]'));
        self::$driver->executeScript('const open = XMLHttpRequest.prototype.send; XMLHttpRequest.prototype.send = function (body) { setTimeout(() => open.call(this, body), 1500); };');
        self::one('#try-amount')->sendKeys('11');
        self::press('#new-try button[value="setup.movement.side"]');
        $overhang = '.station [data-path="setup.overhang"] input[name="amount"]';
        self::one($overhang)->clear()->sendKeys('17');
        self::waitFor('[data-try="side-' . ($side + 1) . '"]');

        self::assertSame('17', self::one($overhang)->getAttribute('value'));
        self::assertSame('', self::one('#try-amount')->getAttribute('value'), 'what was sent is not kept in its field');
    }

    private static function gone(string $css): void
    {
        self::until(static fn(): bool => self::all($css) === [], "{$css} is still there");
    }
}
