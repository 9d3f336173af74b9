<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverSelect;

/** A small day with a coordinator at the table and two technicians in the lot: what one does, the others' screens show by themselves. */
final class EventDayTest extends BrowserTestCase
{
    use WalksChecks;

    /** @var array<string, RemoteWebDriver> by sign-in name */
    private array $screens = [];

    private function at(string $login): void
    {
        self::$driver = $this->screens[$login];
    }

    /** Without reloading: the page was opened before. */
    private static function shows(string $css, string $text): void
    {
        self::until(
            static fn(): bool => self::$driver->executeScript('return [...document.querySelectorAll(arguments[0])].some((one) => one.textContent.includes(arguments[1]));', [$css, $text]) === true,
            "{$css} never shows {$text}",
        );
    }

    public function testWhatOneDoesTheOthersSee(): void
    {
        $first = self::$driver;
        try {
            foreach (['ines' => false, 'wren' => true, 'ansel' => true] as $login => $phone) {
                self::$driver = $this->screens[$login] = $login === 'ines' ? $first : self::anotherBrowser();
                $phone ? self::viewport(390, 844, true) : self::viewport(1280, 800);
                self::signIn($login);
                self::open('/');
                self::waitFor('#event-board');
            }
            $this->walk();
        } finally {
            self::$driver = $first;
        }
    }

    private function walk(): void
    {
        // A family walks in at Wren's; nobody else reloads anything.
        self::at('wren');
        $ticket = self::arrive('Hester', ['born' => date('Y-m-d', (int) strtotime('-15 months')), 'weight' => '21', 'height' => '30', 'seat' => 'Ottermoor OM-220 Haven', 'made' => '2024-03-14', 'mode' => 'rear_harness', 'place' => 'Second row left']);
        self::at('ines');
        self::shows('[data-group="waiting"] .visit', 'Hester');
        self::assertMatchesRegularExpression('/\A\d\d:\d\d\z/', (string) self::one("[data-ticket='{$ticket}'] [data-starts]")->getAttribute('data-starts'));

        // The next is called to a free bay, to whoever is free.
        self::assertSame('Ansel', (new WebDriverSelect(self::one('#next-technician')))->getFirstSelectedOption()->getText());
        self::press('[data-call="7"]');
        self::shows('[data-bay="6"]', 'Sabela');
        foreach (['wren', 'ansel'] as $login) {
            self::at($login);
            self::shows('[data-group="in_bays"] [data-ticket="7"]', 'Ansel');
        }

        // Ansel looks at it; the lot shows how it stands.
        self::openCheck(7, 'found', 'history');
        $check = (string) preg_replace('~.*/checks/([^/]+)/.*~', '$1', self::$driver->getCurrentURL());
        self::press('[data-path="seat.history.known"] [value="no"]');
        self::until(static fn(): bool => self::database("SELECT verdict FROM checks WHERE id = '{$check}'") === 'do_not_use', 'it may not be used');
        self::at('ines');
        self::shows('[data-bay="6"] a.lot-do_not_use', '');

        // It is handed to Wren, who sends the family off with the senior's word.
        self::at('ansel');
        self::open('/');
        self::press('[data-ticket="7"] .hand-over summary');
        foreach (self::all('[data-ticket="7"] .hand-over .choice') as $choice) {
            if ($choice->getText() === 'Wren') {
                $choice->click();
                break;
            }
        }
        self::waitFor('main.event .notice');
        self::at('ines');
        self::shows('[data-group="in_bays"] [data-ticket="7"]', 'Wren');
        self::shows('[data-person="ansel"]', 'free');
        self::at('wren');
        $visit = self::database('SELECT id FROM visits WHERE checkup_event_id = 1 AND ticket = 7');
        self::open("/visits/{$visit}/departure");
        self::press('[name="reason"][value="referred"]');
        self::press('[name="second"][value="' . self::database("SELECT id FROM users WHERE login = 'odalys'") . '"]');
        self::one('#password')->sendKeys('market-day');
        self::press('[data-leave="open"]');
        self::waitFor('main.sheet');
        foreach (['ines', 'ansel'] as $login) {
            self::at($login);
            self::shows('[data-group="gone"] [data-ticket="7"]', 'Sabela');
            self::shows('[data-bay="6"]', 'free');
        }

        // What is taken from the kit is gone from it at once.
        self::at('wren');
        self::open('/kit');
        self::one('[data-kit="noodle"] [name="count"]')->sendKeys('5');
        self::press('[data-kit="noodle"] [value="counted"]');
        self::waitFor('[data-kit="noodle"][data-left="5"]');
        self::at('ines');
        self::shows('[data-kit="noodle"]', '5');
    }

    /** The family's phone reads its link from the coordinator's screen; at the table its entries are there already. */
    public function testAFamilyBooksSaysWhoComesAndArrives(): void
    {
        self::database("UPDATE checkup_events SET opens_at = '00:00', closes_at = '23:59' WHERE id = 1");
        self::viewport(1280, 800);
        self::signIn('ines');
        self::open('/events/1/bookings');
        (new WebDriverSelect(self::one('#time')))->selectByVisibleText('23:00');
        self::one('#f-first_name')->sendKeys('Bersaba');
        self::one('#f-contact')->sendKeys('bersaba, the lighthouse');
        self::press('[aria-labelledby="book-title"] .press');
        self::waitFor('[data-time="23:00"] [data-booking]');
        self::press('[data-time="23:00"] form[action$="/link"] button');
        self::waitFor('[data-qr] svg');
        $link = (string) self::one('.link-shown')->getAttribute('value');

        $table = self::$driver;
        self::$driver = self::anotherBrowser();
        try {
            self::viewport(390, 844, true);
            self::$driver->get($link);
            self::assertStringContainsString('Bersaba', self::one('h1')->getText());
            self::one('#f-vehicle')->sendKeys('Halven Sound');
            self::one('#f-children-0-weight')->sendKeys('24');
            self::one('#f-children-0-maker')->sendKeys('Ottermoor');
            self::press('.family-page .press');
            self::waitFor('main .notice');
        } finally {
            self::$driver = $table;
        }

        self::open('/events/1/bookings');
        self::press('[data-time="23:00"] form[action$="/arrive"] button');
        self::waitFor('main.arrive');
        self::assertSame(['Bersaba', 'Halven Sound', '24', 'Ottermoor'], array_map(static fn(string $id): ?string => self::one($id)->getAttribute('value'), ['#f-first_name', '#f-vehicle', '#f-children-0-weight', '#f-children-0-maker']));
        self::press('.shapes [name="layout"]');
        self::press('[name="consent"]');
        self::press("[name='children[0][mode]'][value='rear_harness']");
        (new WebDriverSelect(self::one('#f-children-0-position')))->selectByVisibleText('Second row left');
        self::press('.actions .press');
        self::waitFor('#event-board');
        self::shows('[data-group="waiting"] .visit', 'Bersaba');
        self::open('/events/1/bookings');
        self::assertStringContainsString('has come', self::one('[data-time="23:00"]')->getText());
    }

    /** A page that is drawn anew by itself takes nothing from whoever is in the middle of something. */
    public function testWhatIsUnfoldedAndChosenStays(): void
    {
        self::viewport(1280, 800);
        self::signIn('ines');
        self::open('/');
        self::press('[data-ticket="3"] .hand-over summary');
        self::one('#event-search')->sendKeys('half a na');
        $technician = new WebDriverSelect(self::waitFor('#next-technician'));
        self::assertNotSame('Odalys', $technician->getFirstSelectedOption()->getText());
        self::database('UPDATE visits SET worked_by = NULL WHERE checkup_event_id = 1 AND bay = 2');
        self::shows('[data-person="odalys"]', 'free');
        $technician->selectByVisibleText('Odalys');
        self::database("UPDATE visits SET vehicle = 'Changed meanwhile' WHERE checkup_event_id = 1 AND ticket = 9");
        self::shows('[data-ticket="9"]', 'Changed meanwhile');
        self::assertSame('Odalys', (new WebDriverSelect(self::one('#next-technician')))->getFirstSelectedOption()->getText());
        self::assertNotNull(self::one('[data-ticket="3"] .hand-over')->getAttribute('open'));
        self::assertSame('half a na', self::one('#event-search')->getAttribute('value'));
    }

    /** The wait is reckoned and drawn anew while the plan is typed. */
    public function testTheWaitFollowsWhatIsTyped(): void
    {
        self::viewport(1280, 800);
        self::signIn('ines');
        self::open('/events/new');
        self::waitFor('[data-wait]');
        self::one('#f-expected_seats')->clear()->sendKeys('400');
        self::waitFor('[data-wait="grows"]');
        self::one('#f-expected_seats')->clear()->sendKeys('12');
        self::until(static fn(): bool => (self::all('[data-wait]')[0] ?? null)?->getAttribute('data-wait') === '0');
        self::waitFor('[data-drawing="capacity"] [data-planned]');
        self::one('#f-name')->clear()->sendKeys('Winter fair');
        self::press('#event-form > .stack > .press');
        self::waitFor('main .notice');
        self::assertStringContainsString('Winter fair', self::one('h1')->getText());
    }
}
