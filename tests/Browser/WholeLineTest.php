<?php

declare(strict_types=1);

namespace Tests\Browser;

use DateTimeImmutable;
use Facebook\WebDriver\WebDriverSelect;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Telling\Message;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Told;

/**
 * The whole line as a technician walks it: a family arrives, its car, child and seat are entered, label, movement and harness are
 * looked at, the findings panel judges, the mistakes are put right and measured again, the family leaves with its sheet.
 */
final class WholeLineTest extends BrowserTestCase
{
    use WalksChecks;

    private const FOUND = [
        // station => [path, answer, ...]; answers are pressed, amounts are typed
        'label' => [['seat.label_readable', 'yes'], ['seat.registered', 'yes']],
        'history' => [['seat.history.known', 'yes'], ['seat.history.crash', 'no'], ['seat.history.damage', 'nothing'], ['seat.history.altered', 'no'], ['seat.history.parts_missing', 'nothing'], ['seat.history.extras', 'nothing']],
        'child' => [['child.shoulder_height', '270'], ['setup.head_to_shell_top', '75']],
        'place' => [['vehicle.positions.1.taken', 'no'], ['vehicle.positions.1.side_facing', 'no'], ['vehicle.positions.1.airbag', 'no'], ['vehicle.positions.1.lower_anchors', 'yes'], ['setup.front_contact', 'none']],
        'secure' => [['setup.held_by', 'belt'], ['setup.belt_path', 'rear'], ['setup.lock', ['retractor']], ['vehicle.positions.1.belt', 'lap_shoulder'], ['vehicle.positions.1.retractor', 'switchable'], ['vehicle.positions.1.inflatable_belt', 'no'], ['setup.twisted', 'no']],
    ];

    private const MEASURED = [['setup.movement.at_belt_path', 'yes'], ['setup.level_ground', 'yes'], ['setup.indicator', 'in'], ['setup.recline_setting', '2'], ['setup.overhang', '0'], ['setup.tether.used', 'no'], ['setup.wedge', 'none']];

    private const BUCKLED = [['setup.harness.buckled', 'yes'], ['setup.harness.slot', '3'], ['setup.harness.tightness.test', 'pinch'], ['setup.harness.tightness.passes', 'no'], ['setup.harness.clip', 'low'], ['setup.harness.crotch.under_child', 'no'], ['setup.harness.crotch.slot', '1'], ['setup.harness.too_tight', 'no'], ['setup.harness.twisted', 'no'], ['setup.harness.slouch', 'no'], ['setup.harness.coat', 'no'], ['setup.harness.padding', 'no']];

    /** @return iterable<string, array{int, int, bool, string, string}> */
    public static function sizes(): iterable
    {
        yield 'desk 1280 x 800' => [1280, 800, false, 'Aster', 'en'];
        yield 'phone 390 x 844' => [390, 844, true, 'Linden', 'en'];
        yield 'desk, in Spanish' => [1280, 800, false, 'Amapola', 'es'];
        yield 'phone, in Spanish' => [390, 844, true, 'Jacinta', 'es'];
    }

    #[DataProvider('sizes')]
    public function testFromArrivalToTheSheet(int $width, int $height, bool $phone, string $family, string $language): void
    {
        self::viewport($width, $height, $phone);
        self::signIn('wren');
        self::metric();
        self::language($language);
        $teller = Told::in($language);
        $ticket = $this->arriveForgettingThePlace($family);

        // As found: from the event into the check, station by station.
        self::press("[data-ticket='{$ticket}'] .visit footer button, [data-ticket='{$ticket}'] footer button");
        self::waitFor('[data-station="label"]');
        self::waitFor('[data-drawing="label"] [data-made]');
        self::assertCount(1, self::all('[data-drawing="label"] [data-blur]'), 'a month without its day is a blur');
        foreach (self::FOUND as $station => $answers) {
            self::station($station);
            self::answerAt($station, $answers);
            self::asListed();
            self::assertStationMark($station, 'good_to_ride');
        }
        $this->measureAndBuckleAsFound();

        // Put right: fresh facts on the other phase, the record of what was found stays.
        self::press('[data-phase="left"]');
        self::waitFor('[data-phase="left"].on');
        self::station('measure');
        self::measure('side', '30', false);
        self::assertVerdict('fix_first');
        self::measure('side', '12', true);
        self::assertSame(['no', 'no', 'yes'], array_map(static fn($dot): ?string => $dot->getAttribute('data-within'), self::all('[data-try^="side-"]')), 'every try stays on the gauge');
        self::station('buckle');
        self::press('[data-drawing="buckle"] [data-slot="2"] .reach');
        self::waitFor('[data-drawing="buckle"] .slot.in-use[data-slot="2"]');
        self::answerAt('buckle', [['setup.harness.tightness.passes', 'yes'], ['setup.harness.too_tight', 'no'], ['setup.harness.clip', 'armpit']]);
        self::asListed();
        self::station('buckle');
        self::waitFor('[data-drawing="buckle"] [data-tight="true"]');
        self::waitFor('[data-drawing="buckle"] [data-clip="right"]');
        self::assertVerdict('not_finished');
        self::assertCount(4, self::all('[data-corrected]'));
        $this->handOver();

        self::press('.steps .press');
        self::waitFor('main.sheet');
        self::assertSame($language, self::one('.paper')->getAttribute('lang'));
        self::assertStringContainsString($teller->tell(new Message('sheet.child', ['letter' => 'A', 'verdict' => Verdict::GoodToRide->title()])), self::one('.sheet-child h2')->getText());
        self::assertStringContainsString(['en' => 'The seat moves 38 mm from side to side; no more than 25.4 mm is allowed.', 'es' => 'El asiento se mueve 38 mm de lado a lado; no se permite más de 25.4 mm.'][$language], self::one('.sheet-child')->getText());
        self::press('[data-departure]');
        self::waitFor('main.departure');
        self::press('[data-leave="good"]');
        self::waitFor('.notice');
        self::assertStringContainsString($teller->word('visits.leave.done'), self::one('main')->getText());
        self::open('/');
        self::assertSame('good_to_ride', self::one("[data-ticket='{$ticket}'] .buckle-mark")->getAttribute('class') === 'buckle-mark buckle-mark-good_to_ride' ? 'good_to_ride' : 'not');
    }

    private function measureAndBuckleAsFound(): void
    {
        self::station('measure');
        self::answerAt('measure', self::MEASURED);
        self::asListed();
        self::measure('front', '6', true);
        self::measure('side', '38', false);
        self::assertSame('fix_first', self::one('.verdict')->getAttribute('data-verdict'));
        self::findings(open: true);
        self::assertStringContainsString('38 mm', self::one('[data-code="measure.loose"]')->getText());
        self::findings(open: false);

        self::station('buckle');
        self::answerAt('buckle', self::BUCKLED);
        self::asListed();
        self::waitFor('[data-drawing="buckle"] .slot.in-use[data-slot="3"]');
        self::waitFor('[data-drawing="buckle"] .slot.right[data-slot="2"]');
        self::waitFor('[data-drawing="buckle"] [data-clip="wrong"]');
        self::waitFor('[data-drawing="buckle"] [data-tight="false"]');
        self::assertEqualsCanonicalizing(
            ['measure.loose', 'harness.height', 'harness.slack', 'harness.clip'],
            array_map(static fn($f): ?string => $f->getAttribute('data-code'), self::all('.finding')),
        );
        self::findings(open: true);
        self::assertMatchesRegularExpression('/Move the straps to slot 2|correas a la ranura 2/', self::one('[data-code="harness.height"]')->getText());
        self::findings(open: false);
    }

    private function handOver(): void
    {
        self::station('handover');
        self::answer(['handover.shown_back', 'yes']);
        self::answer(['handover.technician', 'sign']);
        self::assertSame([], self::all(".next [data-path='handover.checker'] [value='sign']"), 'the second signature is somebody else\'s');
        self::one(".next [data-path='handover.checker'] input[name='pin']")->sendKeys('2468');
        self::press(".next [data-path='handover.checker'] button[value='odalys']");
        self::waitFor('.next.finished');
        self::assertVerdict('good_to_ride');
    }

    private static function language(string $language): void
    {
        self::press(".languages [value='{$language}']");
        self::waitFor("html[lang='{$language}']");
    }

    private function arriveForgettingThePlace(string $family): int
    {
        self::press('.page-top .press');
        self::fillArrival($family, ['born' => (new DateTimeImmutable('-15 months'))->format('Y-m-d'), 'weight' => '9,5', 'height' => '750', 'seat' => 'Ottermoor OM-220 Haven', 'made' => '2023-03', 'mode' => 'rear_harness', 'place' => '2L']);

        // One thing forgotten: nothing that was typed is lost.
        self::press('.actions .press');
        self::waitFor('.notice.problem');
        self::assertSame([$family, '9,5'], [self::one('#f-first_name')->getAttribute('value'), self::one('#f-children-0-weight')->getAttribute('value')]);
        (new WebDriverSelect(self::one('#f-children-0-position')))->selectByValue('2L');
        self::press('.actions .press');

        return self::ticketOf($family);
    }
}
