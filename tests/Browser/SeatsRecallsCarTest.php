<?php

declare(strict_types=1);

namespace Tests\Browser;

use DateTimeImmutable;
use DateTimeZone;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

/** What is known before the family comes, and the best place for every child: the catalogue, the feed, the label's code, the plan of the car. */
final class SeatsRecallsCarTest extends BrowserTestCase
{
    use WalksChecks;

    private static Process $feed;

    private static int $feedPort;

    protected static function environment(): array
    {
        self::$feedPort = self::freePort();

        return ['RECALL_FEED_URL' => 'http://127.0.0.1:' . self::$feedPort, 'RECALL_FEED_TIMEOUT' => '2', 'CACHE_STORE' => 'file', 'CACHE_PATH' => self::cachePath()];
    }

    protected static function browserArguments(): array
    {
        return ['--use-fake-device-for-media-stream', '--use-fake-ui-for-media-stream', '--use-file-for-fake-video-capture=' . self::film()];
    }

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::$feed = new Process([PHP_BINARY, '-d', 'pcov.enabled=0', '-S', '127.0.0.1:' . self::$feedPort, 'app/StandIns/recall-feed.php'], dirname(__DIR__, 2), null, null, null);
        self::$feed->disableOutput()->start();
        self::waitForHttp('http://127.0.0.1:' . self::$feedPort . '/normal.json');
        self::startWorker();
    }

    public static function tearDownAfterClass(): void
    {
        self::$feed->stop(1);
        @unlink(self::film());
        (new Process(['rm', '-rf', self::cachePath()]))->run();
        parent::tearDownAfterClass();
    }

    /** A choice among the filters is asked for at once, the first time too. */
    public function testTheListOfSeatsFollowsItsFilters(): void
    {
        self::viewport(1280, 800);
        self::signIn();
        self::open('/seats');
        $all = count(self::all('#seats [data-model]'));
        (new WebDriverSelect(self::one('#kind')))->selectByValue('vest');
        self::until(static fn(): bool => count(self::all('#seats [data-model]')) < $all, 'the kind was chosen');
        self::assertStringContainsString('kind=vest', self::$driver->getCurrentURL());
        (new WebDriverSelect(self::one('#kind')))->selectByValue('');
        self::until(static fn(): bool => count(self::all('#seats [data-model]')) === $all, 'any kind once more');
    }


    public function testAModelIsEnteredFromItsManualAndUsedInACheck(): void
    {
        self::viewport(1280, 800);
        self::signIn();
        self::open('/stand-ins/manual');
        self::assertStringContainsString('From 5 lb to 40 lb, on the lower anchors to 35 lb', self::one('.manual')->getText());
        self::press('.manual footer a');
        self::waitFor('[data-kind="convertible"]');
        self::press('[data-kind="convertible"]');
        self::waitFor('.model-form');
        // What a manual of this kind is sure to say stands open; the rest is folded away.
        $open = array_filter(self::all('.model-form input[type="text"], .model-form input:not([type]), .model-form .choice-field'), static fn(WebDriverElement $field): bool => $field->isDisplayed());
        self::assertLessThanOrEqual(32, count($open), 'fields to fill in ten minutes');
        self::press('[data-rest="identity"] summary');
        self::press('[data-rest="holding"] summary');
        self::press('[data-rest="rear_harness"] summary');
        self::press('[data-rest="forward_harness"] summary');
        self::press('[name="typed[standards][]"][value="fmvss213"]');
        $filled = ['maker' => 'Tolwyn', 'model' => 'TW-5', 'name' => 'Harbour', 'life_years' => '8', 'weight' => '21 lb', 'width' => '445 mm', 'base_length' => '410 mm', 'slots' => '8 in, 10 in, 12 in, 14 in, 16 in', 'lower_anchor_child_max' => '35',
            'modes-rear_harness-weight_min' => '5', 'modes-rear_harness-weight_max' => '40', 'modes-rear_harness-height_max' => '40', 'modes-rear_harness-head_clearance_min' => '1',
            'modes-forward_harness-weight_min' => '25', 'modes-forward_harness-weight_max' => 'sixty-five', 'modes-forward_harness-height_max' => '49', 'modes-forward_harness-age_min_months' => '2'];
        foreach ($filled as $field => $text) {
            self::one("#m-{$field}")->sendKeys($text);
        }
        self::one('[name="rows[modes-rear_harness-recline][0][settings]"]')->sendKeys('1, 2');
        self::one('[name="rows[modes-forward_harness-recline][0][settings]"]')->sendKeys('3');
        (new WebDriverSelect(self::one('[name="rows[modes-forward_harness-age_min_months][0][unit]"]')))->selectByValue('years');
        self::press('[data-rows="modes-rear_harness-weight_max"] .depends summary');
        self::press('[data-rows="modes-rear_harness-weight_max"] [data-add-row]');
        self::one('[name="rows[modes-rear_harness-weight_max][1][amount]"]')->sendKeys('35');
        (new WebDriverSelect(self::one('[name="rows[modes-rear_harness-weight_max][1][held]"]')))->selectByValue('lower anchors');
        $chosen = ['lockoff' => 'yes', 'wedge_ok' => 'yes', 'tether_rear' => 'forbidden', 'tether_forward_required' => 'yes', 'lock_retractor_too' => 'allowed', 'belt_and_anchors_ok' => 'no', 'borrow_anchors_ok' => 'no', 'inflatable_belt_ok' => 'no'];
        foreach ($chosen as $field => $choice) {
            self::press("[name=\"typed[{$field}]\"][value=\"{$choice}\"]");
        }
        self::assertLessThanOrEqual(32, count($filled) + count($chosen) + 6, 'the whole of the stand-in manual');
        self::waitFor('#model-drawing .mode-field[data-mode="rear_harness"]');
        self::waitFor('#model-drawing [data-slot="5"]');
        self::press('.model-form .press');
        self::assertStringContainsString('Nothing is lost. One thing needs another look', self::waitFor('.notice.problem')->getText());
        self::one('#m-modes-forward_harness-weight_max')->clear()->sendKeys('65');
        self::press('.model-form .press');
        self::waitFor('[data-rule-of="slots"]');
        self::assertSame('40 lb; 35 lb with lower anchors', self::one('[data-rule-of="modes.rear_harness.weight_max"] dd')->getText());
        self::assertSame('24 months', self::one('[data-rule-of="modes.forward_harness.age_min_months"] dd')->getText());

        $ticket = self::arrive('Tolla', ['born' => date('Y-m-d', (int) strtotime('-10 months')), 'weight' => '20', 'height' => '29', 'seat' => 'Tolwyn TW-5 Harbour', 'made' => '2025-02', 'mode' => 'rear_harness', 'place' => 'Second row left']);
        self::openCheck($ticket, 'found', 'child');
        self::assertNotSame([], self::all('[data-drawing="child"] .mode-field.in-use[data-mode="rear_harness"]'));
        self::assertSame([], self::all('.findings-panel [data-code^="mode."]'));
    }

    /** A check at 0.75 in is within an inch, and not within the organisation's own 15 mm. */
    public function testOneFigureOfAPracticeIsChangedJudgedAndNamed(): void
    {
        $check = self::database("SELECT checks.id FROM checks JOIN visits ON visits.id = visit_id WHERE ticket = 3 AND letter = 'A' AND checkup_event_id = (SELECT id FROM checkup_events WHERE name = 'Harvest market')");
        $event = self::database("SELECT id FROM checkup_events WHERE name = 'Harvest market'");
        self::viewport(1280, 800);
        self::signIn('ines');
        self::open("/checks/{$check}/left/measure");
        self::assertSame([], self::all('.findings-panel [data-code="measure.loose"]'));
        self::open('/practices');
        self::press('.page-top a.press');
        self::waitFor('#f-name')->sendKeys('harbour');
        self::one('#f-figures-movement')->sendKeys('under 15 mm');
        self::press('main form .press');
        self::assertStringContainsString('Say where it is from', self::waitFor('[data-figure="movement"] .problem')->getText());
        self::one('#f-sources-movement')->sendKeys('Council note 3');
        self::press('main form .press');
        self::assertStringContainsString('Council note 3', self::waitFor('[data-copy="harbour"]')->getText());

        self::open("/events/{$event}/edit");
        $copy = self::database("SELECT id FROM practice_copies WHERE name = 'harbour'");
        self::press("[name=\"practice_copy_id\"][value=\"{$copy}\"]");
        self::press('#event-form > .stack > .press');
        self::waitFor('main .notice');
        self::open("/checks/{$check}/left/measure");
        self::waitFor('.findings-panel [data-code="measure.loose"]');
        self::assertStringContainsString('harbour (Council note 3)', self::$driver->getPageSource());
        self::open("/checks/{$check}/practices?with=us");
        self::assertSame(['fix_first', 'measure.loose'], [self::waitFor('[data-here]')->getAttribute('data-here'), self::one('[data-only="onlyHere"] [data-code]')->getAttribute('data-code')]);
        self::assertNotSame([], self::all('[data-school="movement"]'));
        self::database("UPDATE checkup_events SET practice_copy_id = NULL; UPDATE checks SET judged_by = NULL WHERE id = '{$check}'");
    }

    public function testALabelIsReadByTheCameraShownAndTaken(): void
    {
        self::viewport(390, 844, true);
        self::signIn();
        self::open('/stand-ins/labels');
        self::waitFor('[data-label="PW-88"] [data-qr] svg');
        // The stand-in label is filmed: its own drawing, as grey frames.
        $frame = self::$driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            const svg = document.querySelector('[data-label="PW-88"] [data-qr] svg');
            const image = new Image();
            image.onload = () => {
                const canvas = Object.assign(document.createElement('canvas'), {width: 480, height: 480});
                const pen = canvas.getContext('2d');
                pen.fillStyle = '#fff';
                pen.fillRect(0, 0, 480, 480);
                pen.drawImage(image, 80, 80, 320, 320);
                const rgba = pen.getImageData(0, 0, 480, 480).data;
                done(Array.from({length: 480 * 480}, (_, i) => (rgba[i * 4] < 128 ? '0' : '1')).join(''));
            };
            image.src = 'data:image/svg+xml,' + encodeURIComponent(new XMLSerializer().serializeToString(svg));
            JS);
        self::assertIsString($frame);
        $luma = strtr($frame, ['0' => "\x10", '1' => "\xeb"]);
        file_put_contents(self::film(), "YUV4MPEG2 W480 H480 F10:1 Ip A1:1 C420jpeg\n" . str_repeat("FRAME\n" . $luma . str_repeat("\x80", 480 * 480 / 2), 4));

        $check = self::checkOf(8);
        self::open("/checks/{$check}/label");
        self::press('[data-scan-start]');
        self::waitFor('[data-label-read]');
        self::assertSame(['Pellwick', 'PW-88', 'PW-88-0001', '2024-05-17'], array_map(static fn(string $k): string => self::one("[data-read='{$k}'] dd")->getText(), ['maker', 'model', 'serial', 'made_on']));
        self::open("/checks/{$check}/found/label");
        self::assertStringNotContainsString('PW-88-0001', self::one('.station')->getText(), 'nothing is taken unseen');
        self::$driver->navigate()->back();
        self::press('[data-label-read] .press');
        self::waitFor('#check[data-station="label"]');
        self::open("/checks/{$check}/log");
        self::assertStringContainsString('PW-88-0001', self::one('.log')->getText());
    }

    public function testALabelIsReadFromAPicture(): void
    {
        self::viewport(1280, 800);
        self::signIn();
        self::open('/stand-ins/labels');
        $picture = sys_get_temp_dir() . '/mint-buckle-label-' . getmypid() . '.png';
        $code = self::waitFor('[data-label="HQ-61"] [data-qr] svg');
        assert($code instanceof RemoteWebElement);
        $code->takeElementScreenshot($picture);
        self::open('/checks/' . self::checkOf(8) . '/label');
        self::waitFor('[data-label-scan]:not([hidden]) #picture')->sendKeys($picture);
        self::assertSame('HQ-61', self::waitFor('[data-read="model"] dd')->getText());

        // A picture without a code says so, and the way by hand stays open.
        self::$driver->takeScreenshot($picture);
        self::open('/checks/' . self::checkOf(8) . '/label');
        self::waitFor('#picture')->sendKeys($picture);
        self::until(static fn(): bool => str_contains(self::one('[data-scan-status]')->getText(), 'No code was found'));
        unlink($picture);
    }

    /** @return iterable<string, array{string, string, string}> behaviour, state, words */
    public static function moods(): iterable
    {
        yield 'with an error' => ['broken', 'refused', 'answered with an error (500), 3 times'];
        yield 'cut short' => ['truncated', 'refused', 'or was cut short'];
        yield 'with a mistake' => ['wrong', 'refused', 'advice'];
        yield 'with an old list' => ['stale', 'ready', 'This list is older than the one in use.'];
        yield 'too slow' => ['slow', 'refused', 'did not answer in time, 3 times'];
    }

    #[DataProvider('moods')]
    public function testWhateverTheFeedAnswersTheListInUseStays(string $behaviour, string $state, string $words): void
    {
        self::viewport(1280, 800);
        self::signIn();
        self::open('/recalls');
        $dated = self::one('[data-list-dated]')->getAttribute('data-list-dated');
        self::press("[name='behaviour'][value='{$behaviour}']");
        self::waitFor('#import');
        self::until(static fn(): bool => self::all("#import[data-state='{$state}']") !== [], "never {$state}");
        self::assertStringContainsString($words, self::one('#import')->getText());
        self::open('/recalls');
        self::assertSame($dated, self::one('[data-list-dated]')->getAttribute('data-list-dated'));
        // And the check goes on meanwhile.
        self::openCheck(3, 'left', 'measure');
        self::waitFor('.verdict');
    }

    public function testAFreshListIsLookedAtAndTaken(): void
    {
        self::viewport(1280, 800);
        self::signIn();
        self::open('/recalls');
        self::press('[name="behaviour"][value="normal"]');
        self::waitFor('#import[data-state="ready"]');
        self::assertSame(['1', '1', '1'], array_map(static fn($e): ?string => $e->getAttribute('data-count'), self::all('[data-change]')));
        self::press('#import .press');
        self::waitFor('#import[data-state="taken"]');
        self::open('/recalls');
        self::assertSame(self::today(), self::one('[data-list-dated]')->getAttribute('data-list-dated'));
        self::assertNotSame([], self::all('[data-campaign="SH-26-02"]'));
    }

    /** Where the event is, it is another day at times. */
    private static function today(): string
    {
        return (new DateTimeImmutable('now', new DateTimeZone('America/New_York')))->format('Y-m-d');
    }

    public function testThreeChildrenArePlanned(): void
    {
        self::viewport(1280, 800);
        self::signIn();
        self::open('/');
        self::press("[data-ticket='9'] footer button");
        self::waitFor('.findings-foot');
        self::open('/');
        self::press("[data-ticket='9'] footer a");
        self::waitFor('[data-car-plan]');
        self::assertCount(3, self::all('[data-car-plan] [data-ghost="no"]'));
        self::assertNotSame([], self::all('[data-code="place.too_wide"]'), '430, 460 and 430 mm on 1300 mm');
        self::assertNotSame([], self::all('[data-obstacle="place.too_wide"]'));

        // Dragged to the front: the family sees at once what the rules say of it.
        self::drag('C', '1R');
        self::waitFor('[data-rider-card="C"] [data-code="mode.front_row_under_13"]');
        self::assertSame([], self::all('[data-code="place.too_wide"]'));
        // Seven seats instead: a proposal, drawn as ghosts, taken in one tap.
        (new WebDriverSelect(self::one('#layout')))->selectByVisibleText('Tarnbrook Heron 2015, seven seats');
        self::press('.layout-form button');
        self::waitFor('[data-place="3L"]');
        self::waitFor('[data-car-plan] [data-ghost="yes"]');
        $plan = self::all('[data-proposal="0"] h3 span');
        self::assertCount(3, $plan);
        self::press('[data-proposal="0"] .press');
        self::waitFor('.notice');
        self::assertSame([], self::all('[data-car-plan] [data-ghost="yes"]'), 'nobody has to move any more');
        self::assertSame([], array_values(array_filter(self::all('.rider-card .finding-fix'), static fn($e): bool => $e->isDisplayed())));
        // Kept where it is, the others are planned round it.
        self::press('[data-pin="A"]');
        self::waitFor('[data-pin="A"][aria-pressed="true"]');
    }

    public function testAnImportThatIsKilledLeavesTheOldList(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'recalls');
        $out = fopen($file, 'wb');
        assert($out !== false);
        fwrite($out, "id,maker,models,made_from\r\n");
        for ($i = 0; $i < 100_000; $i++) {
            fwrite($out, "K-{$i},Maker " . $i % 300 . ",M{$i}*,2020-01-01\r\n");
        }
        fclose($out);
        $before = self::database('SELECT count(*), max(recall_list_id) FROM campaigns');
        $take = new Process([PHP_BINARY, '-d', 'memory_limit=1G', 'artisan', 'buckle:recalls', $file, '--dated=' . self::today()], dirname(__DIR__, 2), ['DB_DATABASE' => self::$database], null, 300);
        $take->start();
        $begun = microtime(true);
        while (self::database("SELECT count(*) FROM recall_imports WHERE state = 'taking'") === '0' && microtime(true) - $begun < 120) {
            self::assertTrue($take->isRunning(), $take->getErrorOutput());
            usleep(100_000);
        }
        usleep(700_000);
        $take->signal(9);
        $take->wait();
        unlink($file);

        self::assertSame($before, self::database('SELECT count(*), max(recall_list_id) FROM campaigns'), 'not one of the hundred thousand stays');
        self::signIn();
        self::open('/recalls');
        self::assertStringContainsString('Being taken', self::one('main')->getText());
        self::assertNotSame([], self::all('[data-campaign^="SH-"]'));
    }

    private static function drag(string $rider, string $place): void
    {
        $seat = self::$driver->findElement(WebDriverBy::cssSelector("[data-rider='{$rider}'][data-ghost='no'] rect"));
        $to = self::$driver->findElement(WebDriverBy::cssSelector("[data-car-plan] [data-place='{$place}'] .cushion"));
        self::$driver->action()->clickAndHold($seat)->moveToElement($to)->release()->perform();
    }

    private static function checkOf(int $ticket): string
    {
        return self::database("SELECT c.id FROM checks c JOIN visits v ON v.id = c.visit_id WHERE v.checkup_event_id = 1 AND v.ticket = {$ticket} ORDER BY letter LIMIT 1");
    }

    private static function cachePath(): string
    {
        return sys_get_temp_dir() . '/mint-buckle-cache-' . getmypid();
    }

    private static function film(): string
    {
        return sys_get_temp_dir() . '/mint-buckle-label-' . getmypid() . '.y4m';
    }
}
