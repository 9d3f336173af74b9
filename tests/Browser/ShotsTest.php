<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** Makes the pictures of docs/screenshots from the demo: bin/shots. */
#[Group('shots')]
final class ShotsTest extends BrowserTestCase
{
    public function testPictures(): void
    {
        self::viewport(1280, 800);
        self::shot('sign-in');
        self::signIn();
        self::shot('yard-desk');
        self::open('/arrive');
        self::shot('arrive-desk');
        self::openCheck(3, 'left', 'measure');
        self::shot('check-measure-desk');
        self::openCheck(3, 'found', 'buckle');
        self::shot('check-buckle-desk');
        self::openCheck(5, 'found', 'label');
        self::shot('check-label-desk');
        self::openCheck(3, 'found', 'secure');
        self::shot('check-secure-desk');
        self::scheme('dark');
        self::openCheck(4, 'found', 'label');
        self::shot('check-evening-desk');
        self::scheme('light');
        self::open('/visits/1/sheet');
        self::shot('sheet-desk');
        self::viewport(794, 1123);
        self::media('print');
        self::shot('sheet-print');
        self::media('');
        self::viewport(1280, 800);
        self::openCheck(6, 'found', 'handover');
        self::shot('check-handover-desk');
        self::viewport(390, 844, true);
        self::openCheck(3, 'left', 'measure');
        self::shot('check-measure-phone');
        self::openCheck(3, 'found', 'buckle');
        self::shot('check-buckle-phone');
        self::openCheck(5, 'found', 'label');
        self::shot('check-label-phone');
        self::open('/');
        self::shot('yard-phone');
        self::open('/arrive');
        self::shot('arrive-phone');
        self::assertNotEmpty(glob(self::folder() . '/*.png'));
    }

    private static function openCheck(int $ticket, string $track, string $station): void
    {
        self::open('/');
        $link = (string) self::one("[data-ticket='{$ticket}'] .check-link")->getAttribute('href');
        self::$driver->get((string) preg_replace('~/(found|left)/label$~', "/{$track}/{$station}", $link));
    }

    private static function shot(string $name): void
    {
        if ($name === 'sign-in') {
            self::open('/sign-in');
        }
        self::$driver->takeScreenshot(self::folder() . "/{$name}.png");
    }

    private static function folder(): string
    {
        return dirname(__DIR__, 2) . '/docs/screenshots';
    }
}
