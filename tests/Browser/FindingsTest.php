<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverSelect;

/** A whole event is sent home and closed, and its report read: the charts say what the tables say, and the tables what the file says. */
final class FindingsTest extends BrowserTestCase
{
    use WalksChecks;

    public function testAWholeEventIsClosedAndItsReportRead(): void
    {
        self::viewport(390, 844, true);
        self::signIn();
        self::everybodyGoesHome();
        self::viewport(1280, 800);
        self::signIn('ines');
        self::open('/events');
        self::press('form[action$="/events/1/close"] button');
        self::waitFor('[data-event="1"][data-state="closed"]');

        self::open('/');
        self::press('.main-menu a[href$="/findings"]');
        self::waitFor('#findings [data-drawn]');
        (new WebDriverSelect(self::one('#f-event')))->selectByValue('1');
        $seats = (int) self::database('SELECT count(*) FROM checks c JOIN visits v ON v.id = visit_id WHERE checkup_event_id = 1');
        self::until(static fn(): bool => self::cell('summary', 'seats', 'count') === (string) $seats && self::all('#findings [data-drawn]') !== [], 'the event is chosen');
        self::assertStringContainsString('event=1', self::$driver->getCurrentURL());
        self::assertGreaterThan(20, $seats);
        self::assertTrue(self::one('[data-print]')->isDisplayed(), 'also on a part that was drawn anew');
        self::$driver->executeScript('window.print = () => { window.printed = true; };');
        self::press('[data-print]');
        self::assertTrue(self::$driver->executeScript('return window.printed;'));
        $this->chartsTablesAndFileAgree('?event=1', 60);
        self::assertSame((string) (int) self::database('SELECT count(*) FROM visits WHERE checkup_event_id = 1 AND called_at IS NOT NULL'), self::cell('summary', 'families', 'count'));

        // Behind a figure stand its checks, and behind a check its log.
        $found = (int) self::cell('codes', 'measure.loose', 'found');
        self::press('[data-figures="codes"] [data-key="measure.loose"] a');
        self::waitFor('.findings-checks');
        self::assertCount($found, self::all('[data-check]'));
        self::press('[data-check] a');
        self::waitFor('main');
        self::assertMatchesRegularExpression('~/checks/[0-9a-f-]{36}/log\z~', self::$driver->getCurrentURL());

        // What leaves the organisation: made once, in whole fives, drawn and written alike.
        self::open('/findings?for=others&event=1');
        self::press('[data-hand-on]');
        self::waitFor('#findings [data-drawn]');
        self::assertSame([], self::all('[data-hand-on]'));
        $this->chartsTablesAndFileAgree('?for=others&event=1', 15);
        foreach (self::figures() as $key => $value) {
            self::assertTrue($value === '' || preg_match('/ (?:share|put_right_share|expected)\z/', $key) === 1 || (int) $value % 5 === 0, "{$key}: {$value}");
        }
        self::assertSame([], self::all('.figures a'), 'nobody can be reached from there');
    }

    /** Without scripts the tables are there, and the form is sent. */
    public function testWithoutScriptsTheTablesSayIt(): void
    {
        self::signIn('ines');
        self::scripts(false);
        self::open('/findings');
        (new WebDriverSelect(self::one('#f-kind')))->selectByValue('convertible');
        self::press('.findings-filter .keep');
        self::waitFor('#findings');
        self::assertStringContainsString('kind=convertible', self::$driver->getCurrentURL());
        self::assertNotSame('', self::cell('summary', 'seats', 'count'));
        self::scripts(true);
    }

    private static function cell(string $table, string $key, string $column): string
    {
        return self::figures()["{$table} {$key} {$column}"] ?? '';
    }

    /** @return array<string, string> what the tables on the page say, by table, key and column */
    private static function figures(): array
    {
        /** @var array<string, string> $figures */
        $figures = self::$driver->executeScript(<<<'JS'
            return Object.fromEntries([...document.querySelectorAll('[data-figures] [data-column]')].map((cell) => [
                [cell.closest('[data-figures]').dataset.figures, cell.closest('[data-key]').dataset.key, cell.dataset.column].join(' '),
                cell.dataset.value,
            ]));
            JS);

        return $figures;
    }

    private function chartsTablesAndFileAgree(string $query, int $least): void
    {
        $shown = self::figures();
        self::assertGreaterThan($least, count($shown));
        $file = self::$driver->executeAsyncScript('fetch(arguments[0]).then((answer) => answer.text()).then(arguments[1]);', ["/findings/findings.csv{$query}"]);
        self::assertIsString($file);
        $written = [];
        foreach (array_slice(explode("\r\n", trim($file)), 1) as $line) {
            [$table, $key, , $column, $value] = array_map(strval(...), str_getcsv($line, ',', '"', ''));
            $written["{$table} {$key} {$column}"] = $value === 'under 5' ? '' : $value;
        }
        foreach ($shown as $key => $value) {
            self::assertSame($value, $written[$key] ?? '', $key);
        }
        self::assertSame([], array_filter(array_diff_key($written, $shown)), 'nothing else is written');
        /** @var list<array{string, list<list<int|null>>, list<list<string>>}> $charts */
        $charts = self::$driver->executeScript(<<<'JS'
            return [...document.querySelectorAll('[data-drawn]')].map((box) => {
                const table = box.closest('.figures');
                const heads = [...table.querySelectorAll('thead th')];
                const charted = heads.map((head, index) => index).filter((index) => 'charted' in heads[index].dataset);
                return [
                    table.dataset.figures,
                    JSON.parse(box.dataset.drawn),
                    charted.map((index) => [...table.querySelectorAll('tbody tr')].slice(0, 12).map((row) => row.cells[index].dataset.value)),
                ];
            });
            JS);
        self::assertGreaterThanOrEqual(4, count($charts));
        foreach ($charts as [$table, $drawn, $cells]) {
            self::assertSame($cells, array_map(static fn(array $bars): array => array_map(strval(...), $bars), $drawn), $table);
        }
    }
}
