<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverSelect;

/** A vest on a school bus, from the form to good on a phone; and a bus of ten, seated. */
final class BusTest extends BrowserTestCase
{
    use WalksChecks;

    /** As the bus stands: three faults of the vest. */
    private const FOUND = [
        'bus.bench.exit' => 'no', 'bus.place' => 'window', 'bus.held_by' => ['wrap'], 'bus.wrap.dents' => 'yes', 'bus.wrap.frayed' => 'no', 'bus.wrap.behind' => 'empty',
        'bus.slouch' => 'no', 'bus.checked_this_trip' => 'yes', 'child.sits_unaided' => 'yes',
        'bus.vest.size_nearest' => 'yes', 'bus.vest.front_right' => 'no', 'bus.vest.over_coat' => 'yes', 'bus.vest.crotch' => 'unused', 'bus.vest.lowest_strap' => 'hips',
        'bus.vest.strap_near_neck' => 'no', 'bus.vest.fixed_hips' => 'yes', 'bus.vest.fixed_shoulders' => 'yes', 'bus.vest.top_from' => 'above', 'bus.vest.rethreaded' => 'yes',
        'seat.label_readable' => 'yes', 'seat.serial' => 'A100200', 'seat.made_on' => '2023-03-14', 'seat.use_until' => 'unknown', 'seat.registered' => 'yes', 'seat.tether_forward_required' => 'no',
        'seat.history.known' => 'yes', 'seat.history.crash' => 'no', 'seat.history.altered' => 'no', 'seat.history.damage' => 'nothing', 'seat.history.parts_missing' => 'nothing', 'seat.history.extras' => 'nothing',
    ];

    public function testAVestWithThreeFaultsIsPutRight(): void
    {
        self::$hand = Hand::Mouse;
        self::viewport(390, 844, true);
        self::signIn();
        self::open('/bus');
        foreach (['first_name' => 'Fen', 'born_on' => '2022-05-20', 'weight' => '41 lb', 'height' => '41 in', 'row' => '3'] as $field => $text) {
            self::one("#f-{$field}")->sendKeys($text);
        }
        self::actuate('label:has([name="system"][value="vest"])');
        self::actuate('label:has([name="side"][value="right"])');
        (new WebDriverSelect(self::one('#f-seat')))->selectByVisiblePartialText('HQ-40');
        self::actuate('label:has([name="consent"])');
        self::actuate('.bus-check button.press');
        self::waitFor('#check[data-station="bus"]');
        self::assertSame('9', self::one('.station-nav a[href$="/handover"]')->getAttribute('data-key'));

        self::answerUnseen(self::FOUND);
        self::open((string) parse_url((string) preg_replace('~/found/\w+$~', '/left/bus', self::$driver->getCurrentURL()), PHP_URL_PATH));
        self::waitFor('[data-drawing="bus"] [data-vest="front"] [data-closure]');
        self::assertStationMark('bus', 'fix_first');
        self::putRight('bus.vest_over_coat', 'bus.vest.over_coat', 'no');
        self::putRight('bus.vest_backwards', 'bus.vest.front_right', 'yes');
        self::assertStationMark('bus', 'not_finished');
        // A vest that was put on anew is looked at anew.
        self::waitFor('.next .looks form[data-path="bus.vest.crotch"]');
        self::asListed();
        self::waitFor('.station-nav a[href$="/bus"][data-verdict="good_to_ride"]');
        self::station('bus');
        self::waitFor('[data-drawing="bus"] [data-vest="back"] [data-closure]');
    }

    public function testABusOfTenIsSeated(): void
    {
        self::$hand = Hand::Mouse;
        self::viewport(1280, 800);
        self::signIn();
        self::open('/bus');
        self::press('a[href$="/bus/plan"]');
        self::waitFor('[data-drawing="bus-above"] [data-bench="5 right"]');
        self::press('.bus-proposal .press');
        self::waitFor('[data-rider="Ivo"]');
        self::assertCount(10, self::all('[data-rider]'));
        self::assertCount(10, self::all('.bus-seats input'));
        $kept = (string) self::one('.bus-seats input[value^="Hal|"]')->getAttribute('value');
        self::press('.bus-seats label:has(input[value^="Hal|"])');
        self::press('.bus-proposal .press');
        self::waitFor(".bus-seats input[value='{$kept}'][checked]");
        self::viewport(390, 844, true);
        self::press('.bus-proposal .press');
        self::waitFor('[data-rider="Ivo"]');
        self::assertTrue(self::$driver->executeScript('return document.documentElement.scrollWidth <= innerWidth;'));
    }

    /** A proposal is taken; somebody is dragged behind a wrap, which is said at once; pressed elsewhere, and back by the form. */
    public function testSomebodyIsMovedByHand(): void
    {
        self::$hand = Hand::Mouse;
        self::viewport(1280, 800);
        self::signIn();
        self::open('/bus/plan');
        self::press('button.choice[name="bus"]:not(.on)');
        self::waitFor('button.choice.on[value="2"]');
        self::press('.bus-proposal .press');
        self::waitFor('[data-rider][data-ghost="yes"]');
        self::press('button[name="take"]');
        self::waitFor('[data-faults="0"]');
        self::assertSame([], self::all('[data-ghost="yes"]'));
        $wrap = explode('|', (string) self::one('.bus-rider.restrained')->getAttribute('data-at'));
        $loose = self::one('.bus-rider:not(.restrained)');
        [$name, $home] = [(string) $loose->getAttribute('data-rider'), (string) $loose->getAttribute('data-at')];
        $behind = ((int) $wrap[0] + 1) . "|{$wrap[1]}|2";
        self::$driver->action()->clickAndHold($loose)->moveByOffset(20, 0)->moveToElement(self::one("[data-place='{$behind}']"))->release()->perform();
        self::waitFor('[data-fault="behind"]');
        self::waitFor("[data-rider='{$name}'].fault[data-at='{$behind}']");
        self::waitFor(".bus-seats input[value^='{$name}|'][checked]");
        self::assertNotSame([], self::all('[data-ghost="yes"]'), 'the planner proposes around them');
        self::assertSame([], self::all('button[formaction$="/bus/trips"]'));

        self::$driver->action()->click(self::one("[data-rider='{$name}'].fault"))->perform();
        self::waitFor("[data-rider='{$name}'].chosen");
        self::$driver->action()->click(self::one('[data-place="4|right|2"]'))->perform();
        self::waitFor('[data-faults="0"]');
        (new WebDriverSelect(self::one('#move-rider')))->selectByVisibleText($name);
        (new WebDriverSelect(self::one('#move-to')))->selectByValue($home);
        self::press('#move-now');
        self::waitFor("[data-rider='{$name}'][data-ghost='no'][data-at='{$home}']");
        self::waitFor('button[formaction$="/bus/trips"]');
    }

    /** The large bus with wraps: its list begun from the plan, pressed through with initials, signed, and found again by bus. */
    public function testAListBeforeATripIsSigned(): void
    {
        foreach ([[390, 844, true], [1280, 800, false]] as [$width, $height, $isPhone]) {
            self::$hand = $isPhone ? Hand::Finger : Hand::Mouse;
            self::viewport($width, $height, $isPhone);
            self::signIn();
            self::open('/bus/plan');
            self::actuate('button.choice[name="bus"]:not(.on)');
            self::waitFor('button.choice.on[value="2"]');
            self::actuate('.bus-proposal .press');
            self::waitFor('.bus-bench.keep-empty');
            self::actuate('button[formaction$="/bus/trips"]');
            self::waitFor('#trip');
            if (self::all('#trip-initials') !== []) {
                self::one('#trip-initials')->sendKeys('fb');
                self::actuate('.trip-initials .press');
            }
            self::waitFor('.trip-bar .hint');
            $wrap = '.trip-line[data-item^="wrap/"]';
            self::actuate("{$wrap} details summary");
            self::actuate("{$wrap} label:has([value=\"bus.wrap_loose\"])");
            self::actuate("{$wrap} [value=\"put_right\"]");
            self::waitFor("{$wrap}[data-state=\"put_right\"]");
            self::assertSame([], self::all('form[action$="/signature"]'), 'nothing is signed before everything was looked at');
            for ($open = (int) self::one('#trip')->getAttribute('data-open'); $open > 0; $open = (int) self::one('#trip')->getAttribute('data-open')) {
                self::actuate(self::all('[data-all-right]') !== [] ? '[data-all-right]' : '.trip-line[data-state="open"] .choice');
                self::waitFor("#trip:not([data-open='{$open}'])");
            }
            self::assertTrue(self::$driver->executeScript('return document.documentElement.scrollWidth <= innerWidth;'));
            self::actuate('form[action$="/signature"] .press');
            self::waitFor('.trip-signed');
        }
        self::open('/bus/trips?bus=2');
        self::assertCount(2, self::all('.trip-past'));
        self::assertStringContainsString('on 2 trips', self::one('main')->getText());
    }
}
