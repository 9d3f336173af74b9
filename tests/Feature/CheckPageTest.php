<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Checks\AskedRow;
use App\Checks\CheckPage;
use App\Checks\Judge;
use App\Checks\StationNavItem;
use App\Models\Check;
use App\Units;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\InspectionPhase;
use Tests\Told;

/** What the check screen shows: the strap, the rows of a station, the next question, found beside left. */
final class CheckPageTest extends FeatureTestCase
{
    public function testTheStrapMarksEveryStation(): void
    {
        $strap = self::page(3, InspectionPhase::Found, Station::Label)->stations;

        self::assertSame(array_column(Station::of(onBus: false), 'value'), array_map(static fn(StationNavItem $i): string => $i->station->value, $strap));
        self::assertSame(
            [Verdict::GoodToRide, Verdict::GoodToRide, Verdict::GoodToRide, Verdict::GoodToRide, Verdict::GoodToRide, Verdict::FixFirst, Verdict::FixFirst, Verdict::GoodToRide],
            array_map(static fn(StationNavItem $i): Verdict => $i->verdict, $strap),
        );
        self::assertStringStartsWith('Fix: The seat moves', Told::in('en')->tell($strap[5]->summary));
        self::assertSame('asked as it leaves', Told::in('en')->tell($strap[7]->summary));
    }

    public function testItsAddressesAreTheRoutes(): void
    {
        $page = self::page(3, InspectionPhase::Left, Station::Buckle);
        $id = $page->check->id;

        self::assertSame(
            [route('facts.store', [$id, 'buckle']), route('undo.store', [$id, 'buckle']), route('declines.store', [$id, 'buckle'])],
            [$page->factsUrl, $page->post('undo'), $page->post('declines')],
        );
        self::assertSame(
            [route('checks.card', [$id, 'technician']), route('checks.log', $id), route('checks.case', $id), route('checks.seat', $id), route('checks.label', $id)],
            [$page->address('card/technician'), $page->address('log'), $page->address('case'), $page->address('seat'), $page->address('label')],
        );
        self::assertSame(route('checks.show', [$id, 'found', 'label']), $page->link(InspectionPhase::Found, Station::Label));
    }

    public function testAStationShowsWhatIsAskedAndWhatIsKnown(): void
    {
        $page = self::page(6, InspectionPhase::Found, Station::Buckle);
        $paths = array_map(static fn(AskedRow $row): string => $row->path, $page->rows);

        self::assertSame('setup.harness.clip', $page->now->row?->path, 'asked');
        self::assertNotContains('setup.harness.clip', $paths, 'and so not a second time');
        self::assertContains('setup.harness.slot', $paths, 'known');
        self::assertNotContains('setup.booster.lap', $paths, 'not for this way of riding');
        self::assertNotContains('setup.harness.strap_offset', $paths, 'optional, so apart');
    }

    public function testOptionalFactsStandApart(): void
    {
        $more = array_map(static fn(Askable $askable): string => $askable->path, self::page(3, InspectionPhase::Found, Station::Buckle)->more);

        self::assertContains('setup.harness.tail_loose', $more);
        self::assertContains('setup.harness.strap_offset', $more);
        self::assertNotContains('setup.booster.lap', $more);
        self::assertNotContains('handover.technician', $more);
    }

    public function testTriesAreEnteredBesideTheirGaugeOnly(): void
    {
        $page = self::page(3, InspectionPhase::Left, Station::Measure);
        $paths = array_map(static fn(AskedRow|Askable $fact): string => $fact->path, [...$page->rows, ...$page->more]);

        self::assertNotContains('setup.movement.side', $paths);
        self::assertCount(3, $page->drawings->gauge()->rows[0]['tries']);
        self::assertCount(1, self::page(3, InspectionPhase::Found, Station::Measure)->drawings->gauge()->rows[0]['tries'], 'what was left is not yet there');
    }

    public function testTheNextQuestionIsOfThisStationFirst(): void
    {
        self::assertSame('child.shoulder_height', self::page(5, InspectionPhase::Found, Station::Child)->now->row?->path);
        self::assertSame(Station::Measure, self::page(5, InspectionPhase::Found, Station::Measure)->now->row?->askable->station);
        self::assertNull(self::page(3, InspectionPhase::Found, Station::Label)->now->row, 'hand-over is not asked of what was found');
        self::assertSame('handover.shown_back', self::page(3, InspectionPhase::Left, Station::Handover)->now->row?->path, 'a whole section is begun by its first fact');
        self::assertNull(self::page(1, InspectionPhase::Left, Station::Label)->now->row);
    }

    /** What was put right is seen again before anything is shown back or signed, wherever the technician stands. */
    public function testTheFamilyIsHandedOverToLast(): void
    {
        $check = self::check(3);
        $this->signedIn()->answer($check, 'setup.harness.slot', ['answer' => '2'], station: 'handover')->assertOk();
        $page = self::page(3, InspectionPhase::Left, Station::Handover);

        self::assertSame(Station::Buckle, $page->now->row?->askable->station);
        self::assertContains('handover', array_map(static fn($q): string => explode('.', $q->path)[0], $page->assessment->questions));
    }

    public function testFoundStandsBesideLeftWhereItWasChanged(): void
    {
        $log = self::loaded(1)->log(InspectionPhase::Left);

        self::assertSame(3, $log->foundBefore('setup.harness.slot'));
        self::assertNull($log->foundBefore('setup.twisted'), 'not changed');
        self::assertNull($log->foundBefore('handover.shown_back'), 'not found');
        self::assertCount(3, $log->history('setup.movement.side'));
    }

    public function testWhatWasPutRight(): void
    {
        $codes = static fn(CheckPage $page): array => array_map(static fn(Finding $f): string => $f->code->value, $page->corrected);

        self::assertSame(['measure.loose', 'harness.height'], $codes(self::page(1, InspectionPhase::Left, Station::Label)));
        self::assertSame(['measure.loose'], $codes(self::page(3, InspectionPhase::Left, Station::Label)));
        self::assertSame([], $codes(self::page(3, InspectionPhase::Found, Station::Label)));
    }

    public function testTallies(): void
    {
        self::assertSame('2 things to put right', Told::in('en')->tell(self::page(3, InspectionPhase::Found, Station::Label)->tally()));
        self::assertSame('1 reason not to use it', strstr(Told::in('en')->tell(self::page(4, InspectionPhase::Found, Station::Label)->tally()), ',', true));
        self::assertSame('Everything looked at', Told::in('en')->tell(self::page(1, InspectionPhase::Left, Station::Label)->tally()));
    }

    public function testSubtitleIsInThePersonsUnits(): void
    {
        self::assertSame('15 months · 21 lb · Ottermoor OM-220', self::page(3, InspectionPhase::Found, Station::Label)->subtitle());
        self::assertSame('15 months · 9.5 kg · Ottermoor OM-220', self::page(3, InspectionPhase::Found, Station::Label, Units::Metric)->subtitle());
    }

    public function testTheSameCheckNeedsFewQueries(): void
    {
        $this->signedIn();
        $check = self::check(3);
        DB::enableQueryLog();
        $this->get("/checks/{$check->id}/left/measure")->assertOk();

        self::assertLessThanOrEqual(8, count(DB::getQueryLog()), 'whose they are and the catalogue\'s names with them, once');
    }

    public function testAnAnswerNeedsFewQueries(): void
    {
        $this->signedIn();
        $check = self::check(3);
        $this->answer($check, 'setup.wedge', ['answer' => 'none'])->assertOk();
        DB::enableQueryLog();
        $this->answer($check, 'setup.wedge', ['answer' => 'none'])->assertOk();

        self::assertSame(['select enter_organisation(?, ?)', 'checks', 'visits', 'checkup_events', 'facts', 'facts'], array_map(static fn(array $q): string => preg_match('/(?:from|into) "(\\w+)"/', $q['query'], $m) === 1 ? $m[1] : $q['query'], DB::getQueryLog()));
    }

    private static function loaded(int $ticket): Check
    {
        return self::check($ticket)->load(['facts', 'visit.event.recallList']);
    }

    private static function page(int $ticket, InspectionPhase $phase, Station $station, Units $units = Units::Imperial): CheckPage
    {
        return new CheckPage(app(Judge::class)->of(self::loaded($ticket), $phase, true), $station, $units);
    }
}
