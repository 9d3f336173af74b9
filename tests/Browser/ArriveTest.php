<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverSelect;

/** The arrival screen: two children in one car, one with a seat that is not in the catalogue. */
final class ArriveTest extends BrowserTestCase
{
    use WalksChecks;

    public function testAnotherChildWithASeatThatIsNotOnTheShelf(): void
    {
        self::viewport(390, 844, true);
        self::signIn('ines');
        self::press('.page-top .press');
        self::waitFor('main.arrive');
        self::one('#f-first_name')->sendKeys('Perrin');
        self::one('#f-vehicle')->sendKeys('Morrowby Wader');
        self::until(static fn(): bool => self::all('.car-choices > label') === []);
        self::press('.shapes [name="layout"]');
        self::press('[name="consent"]');
        self::fillChild(0, 'Quillroe Q-15 Lift', 'high_back_booster', 'Second row left');
        self::assertFalse(self::one('#f-children-0-maker')->isDisplayed(), 'asked only of a seat that is not in the catalogue');

        self::press('[data-add-child]');
        self::waitFor('#f-children-1-seat');
        self::assertSame(['B', '', ''], [self::all('[data-letter]')[1]->getText(), self::one('#f-children-1-weight')->getAttribute('value'), self::one('#f-children-1-seat')->getAttribute('value')]);
        self::fillChild(1, 'other', 'forward_harness', 'Second row right');
        self::one('#f-children-1-maker')->sendKeys('Selwick');

        self::press('.actions .press');
        self::waitFor('main.event .notice');
        $card = array_values(array_filter(self::all('.visit'), static fn($card): bool => str_contains($card->getText(), 'Perrin')))[0] ?? self::fail('not in the event');
        self::assertStringContainsString('Quillroe Q-15', $card->getText());
        self::assertStringContainsString('Selwick', $card->getText());
        self::assertStringContainsString('Not finished', $card->getText());
    }

    private static function fillChild(int $index, string $seat, string $mode, string $place): void
    {
        $id = "#f-children-{$index}-";
        self::one($id . 'weight')->sendKeys('45');
        $seat === 'other' ? self::press("[name='children[{$index}][seat]'][value='other']") : self::chooseSeat($index, $seat);
        self::press("[name='children[{$index}][mode]'][value='{$mode}']");
        (new WebDriverSelect(self::one($id . 'position')))->selectByVisibleText($place);
    }
}
