<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** Makes the pictures of docs/screenshots from the demo: bin/shots. */
#[Group('shots')]
final class ShotsTest extends BrowserTestCase
{
    use WalksChecks;

    public function testPictures(): void
    {
        array_map(unlink(...), glob(self::folder() . '/*.png') ?: []);
        self::viewport(1280, 800);
        self::signIn('ines');
        $tomorrow = self::database('SELECT id FROM checkup_events WHERE opened_at IS NULL');
        self::shot('bookings-desk', "/events/{$tomorrow}/bookings");
        self::open("/events/{$tomorrow}/edit");
        self::waitFor('[data-planned]');
        self::shot('plan-desk');
        self::signIn();
        foreach (['event-desk' => '/', 'arrive-desk' => '/arrive', 'car-desk' => '/visits/11/car', 'model-desk' => '/seats/1/edit', 'handbook-desk' => '/handbook?q=tether'] as $name => $path) {
            self::shot($name, $path);
        }
        foreach (['label' => 5, 'measure' => 3, 'buckle' => 3] as $station => $ticket) {
            self::openCheck($ticket, $station === 'measure' ? 'left' : 'found', $station);
            self::shot("check-{$station}-desk");
        }
        self::openCheck(3, 'found', 'secure');
        self::press('.languages [value="es"]');
        self::waitFor('html[lang="es"]');
        self::shot('check-secure-desk-es');
        self::press('.languages [value="en"]');
        self::waitFor('html[lang="en"]');
        self::open('/bus/plan?bus=2');
        self::press('.bus-proposal .press');
        self::waitFor('[data-rider]');
        self::press('button[name="take"]');
        self::waitFor('[data-faults="0"]');
        self::$driver->executeScript('document.getElementById("move-rider").value = "Nel"; document.getElementById("move-to").value = "2|left|2";');
        self::press('#move-now');
        self::waitFor('[data-fault="behind"]');
        self::$driver->executeScript('window.scrollTo(0, 0);');
        self::shot('bus-desk');
        self::open('/visits/1/sheet');
        self::viewport(794, 1123);
        self::media('print');
        self::shot('sheet-print');
        self::media('');
        self::viewport(390, 844, true);
        self::shot('event-phone', '/');
        foreach (['measure' => 'left'] as $station => $phase) {
            self::openCheck(3, $phase, $station);
            self::shot("check-{$station}-phone");
        }
        self::open('/practice');
        self::press('[name="fixed"][value="clip_low"]');
        self::waitFor('#drill');
        self::press('#look-front');
        self::waitFor('[data-look="front"]');
        self::$driver->executeScript('document.querySelector("[data-look]").scrollIntoView(); window.scrollBy(0, -70);');
        self::shot('practice-phone');
        self::openCheck(3, 'found', 'buckle');
        self::database("UPDATE visits SET language = 'es' WHERE ticket = 3 AND checkup_event_id = 1");
        self::press('[data-key="c"]');
        self::waitFor('#card');
        self::press('#card .switch a:last-child');
        self::waitFor('#card [lang="es"]');
        self::shot('card-phone-es');
        self::open('/bus/trips/019ac000-0000-7000-8000-000000000004');
        self::press('#trip-again .press');
        self::waitFor('#trip-initials');
        self::one('#trip-initials')->sendKeys('TM');
        self::press('.trip-initials .press');
        self::waitFor('.trip-bar .hint');
        self::press('.trip-line[data-item="way"] .choice');
        self::waitFor('.trip-line[data-item="way"][data-state="right"]');
        self::$driver->executeScript('window.scrollTo(0, 0);');
        self::shot('trip-phone');
        self::viewport(1280, 800);
        self::everybodyGoesHome();
        self::open('/findings?event=1');
        self::waitFor('[data-drawn]');
        self::$driver->executeScript('document.querySelector("[data-figures=\"expected\"]").scrollIntoView(); window.scrollBy(0, -80);');
        self::shot('findings-desk');
        self::assertLessThan(20, count(glob(self::folder() . '/*.png') ?: []));
    }

    private static function openCheck(int $ticket, string $phase, string $station): void
    {
        self::open('/');
        $link = (string) self::one("[data-ticket='{$ticket}'] .check-link")->getAttribute('href');
        self::$driver->get((string) preg_replace('~/(found|left)/label$~', "/{$phase}/{$station}", $link));
    }

    private static function shot(string $name, ?string $path = null): void
    {
        if ($path !== null) {
            self::open($path);
        }
        self::$driver->takeScreenshot(self::folder() . "/{$name}.png");
    }

    private static function folder(): string
    {
        return dirname(__DIR__, 2) . '/docs/screenshots';
    }
}
