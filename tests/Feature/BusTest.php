<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bus\Roster;
use App\Checks\AssembleCase;
use App\Checks\Judge;
use App\Models\BusLayout;
use App\Models\BusTrip;
use App\Models\Check;
use App\Models\SeatModel;
use App\Models\Visit;
use App\Units;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\BusSystem;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\InspectionPhase;

/** A check on a school bus: begun, worked through station by station, put right, told on the sheet. */
final class BusTest extends FeatureTestCase
{
    /**
     * @param array<string, mixed> $with
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function begin(array $with = []): TestResponse
    {
        $this->signedIn();

        return $this->post('/bus/checks', $with + [
            'submission' => (string) Str::uuid(), 'units' => 'imperial', 'first_name' => 'Fen', 'consent' => '1', 'born_on' => '2022-05-20', 'weight' => '41', 'height' => '41',
            'system' => 'vest', 'row' => '3', 'side' => 'right', 'seat' => SeatModel::inUse()->firstWhere('kind', 'vest')?->id,
        ]);
    }

    private static function begun(): Check
    {
        return Visit::query()->orderByDesc('id')->firstOrFail()->checks()->firstOrFail();
    }

    /** @param array<string, string|list<string>> $facts path => answer */
    private function found(Check $check, array $facts): void
    {
        foreach ($facts as $key => $answer) {
            $this->answer($check, $key, is_array($answer) ? ['answers' => $answer] : ['answer' => $answer], InspectionPhase::Found, station: 'bus', htmx: false)->assertRedirect()->assertSessionMissing('problem');
        }
    }

    public function testAVestIsCheckedAndItsFaultsAreFoundAtTheStationBus(): void
    {
        $this->begin()->assertSessionHasNoErrors();
        $check = self::begun();
        $case = AssembleCase::read($check, InspectionPhase::Found);
        self::assertSame([BusSystem::Vest, 3, null], [$case->bus?->system, $case->bus?->bench->row, $case->vehicle]);
        $this->get("/checks/{$check->id}/found/bus")->assertOk()->assertSee('data-key="9"', false)->assertSee('Which place of the bench?')->assertSeeInOrder(['1 · Selection', '3 · Location']);

        $this->found($check, [
            'bus.place' => 'window', 'bus.bench.exit' => 'no', 'bus.held_by' => ['wrap'], 'bus.slouch' => 'no', 'bus.checked_this_trip' => 'yes', 'child.sits_unaided' => 'yes',
            'bus.wrap.dents' => 'yes', 'bus.wrap.frayed' => 'no', 'bus.wrap.behind' => 'empty', 'bus.vest.size_nearest' => 'yes', 'bus.vest.front_right' => 'no', 'bus.vest.over_coat' => 'yes',
            'bus.vest.crotch' => 'snug', 'bus.vest.lowest_strap' => 'hips', 'bus.vest.strap_near_neck' => 'no', 'bus.vest.fixed_hips' => 'yes', 'bus.vest.fixed_shoulders' => 'yes', 'bus.vest.top_from' => 'above', 'bus.vest.rethreaded' => 'yes',
        ]);
        $assessment = app(Judge::class)->check(self::begun(), InspectionPhase::Found);
        self::assertSame(['bus.vest_backwards', 'bus.vest_over_coat'], array_map(static fn(Finding $f): string => $f->code->value, $assessment->findingsAt(Station::Bus)));
        self::assertSame([], array_filter($assessment->questions, static fn(Question $q): bool => in_array($q->station, [Station::Place, Station::Secure, Station::Measure, Station::Buckle, Station::Bus], true)), 'nothing of a car is asked');
        self::assertSame(Verdict::FixFirst, $assessment->verdictAt(Station::Bus));
        $this->get("/checks/{$check->id}/found/bus")->assertSeeInOrder(['1 · Selection', '2 · Direction', '3 · Location', '4 · Installation', 'The child: right size', 'The child: seated right', 'The child: shoulder position', 'The child: straps']);
        $this->get("/checks/{$check->id}/found/child")->assertDontSee('class="part"', false);
        $this->get("/checks/{$check->id}/found/bus")->assertSee('The vest is on backwards')->assertSee('Put the vest on first');

        foreach (['bus.vest.front_right' => 'yes', 'bus.vest.over_coat' => 'no'] as $key => $answer) {
            $this->answer($check, $key, ['answer' => $answer], station: 'bus', htmx: false)->assertRedirect()->assertSessionMissing('problem');
        }
        $again = app(Judge::class)->check(self::begun(), InspectionPhase::Left);
        self::assertSame(Verdict::NotFinished, $again->verdictAt(Station::Bus));
        self::assertContains('bus.vest.crotch', array_map(static fn(Question $q): string => $q->path, $again->questions), 'a vest put on anew is looked at anew');
    }

    public function testEveryStationAndPageOfABusCheckOpens(): void
    {
        foreach (BusSystem::cases() as $system) {
            $this->begin(['system' => $system->value, 'seat' => null])->assertSessionHasNoErrors();
            $check = self::begun();
            foreach (['found', 'left'] as $phase) {
                foreach (Station::of(onBus: true) as $station) {
                    $this->get("/checks/{$check->id}/{$phase}/{$station->value}")->assertOk()->assertSee('aria-current="step"', false)->assertDontSee('facts.bus');
                }
            }
            foreach (["/checks/{$check->id}/log", "/checks/{$check->id}/case", "/checks/{$check->id}/card/family", "/checks/{$check->id}/seat", "/checks/{$check->id}/manual", "/visits/{$check->visit_id}/sheet", "/visits/{$check->visit_id}/car", "/visits/{$check->visit_id}/departure", "/checks/{$check->id}/card/technician", "/checks/{$check->id}/label", "/checks/{$check->id}/instead", '/'] as $page) {
                $this->get($page)->assertOk();
            }
        }
    }

    public function testAVestIsPutOnOneStepAtATime(): void
    {
        $this->begin();
        $check = self::begun();
        $guide = e(route('bus.vest', ['check' => $check->id]));
        $this->get("/checks/{$check->id}/left/bus")->assertSee($guide, false);
        $this->get('/checks/' . self::check(3)->id . '/left/secure')->assertDontSee('/bus/vest', false);
        $this->get("/bus/vest?check={$check->id}")->assertOk()->assertSee('Before boarding: step 1 of 9')->assertSee("/checks/{$check->id}/left/bus", false)->assertSee('step=2', false);
        $this->get('/bus/vest?step=7')->assertSee('On the bench: step 7 of 9')->assertSee('tighten them first, low on the hips');
        foreach (['0' => 1, '99' => 9, 'x' => 1] as $asked => $shown) {
            $this->get("/bus/vest?step={$asked}")->assertOk()->assertSee("step {$shown} of 9");
        }
        $this->get('/bus/vest?check=' . Str::uuid())->assertNotFound();
        $this->get('/bus')->assertSee('href="' . route('bus.vest') . '"', false);
    }

    public function testOfACarNothingIsOfferedOnABus(): void
    {
        $this->begin();
        $check = self::begun();
        $this->get("/checks/{$check->id}/found/secure")->assertOk()->assertDontSee('What fixes the length of the belt?');
        $this->get('/checks/' . self::check(3)->id . '/found/secure')->assertOk()->assertDontSee('What fixes it to the bench?');
        $this->answer(self::check(3), 'bus.slouch', ['answer' => 'yes'], htmx: false)->assertSessionHas('problem');
        self::assertNull(AssembleCase::read(self::check(3), InspectionPhase::Left)->bus);
    }

    public function testWhatIsMissingOrCannotBeIsSaid(): void
    {
        $this->begin(['system' => '', 'row' => 'three', 'side' => 'top', 'first_name' => '', 'consent' => null])->assertSessionHasErrors(['system', 'row', 'side', 'first_name', 'consent']);
        $this->begin(['weight' => 'heavy'])->assertSessionHasErrors('weight');
        $this->begin(['weight' => '900'])->assertSessionHasErrors('weight');
        $this->begin(['born_on' => 'some day'])->assertSessionHasErrors('born_on');
        $this->get('/bus')->assertOk()->assertSee('Check a bus seat')->assertSee('Add-on harness');
    }

    public function testOfABusThatWasEnteredBenchAndRiderAreChosen(): void
    {
        $this->signedIn();
        $bus = BusLayout::query()->orderBy('id')->firstOrFail();
        $this->get("/bus?bus={$bus->id}&rider=Fen")->assertOk()->assertSee('value="Fen"', false)->assertSee('value="34 lb"', false)->assertSee('<option value="1|left"', false)->assertDontSee('name="row"', false);
        $this->get('/bus?bus=99&rider=Fen')->assertOk()->assertSee('name="row"', false)->assertDontSee('value="Fen"', false);
        $this->get("/bus?bus={$bus->id}&rider=Nobody")->assertOk();
        $this->begin(['bus' => (string) $bus->id, 'bench' => '1|left', 'row' => null, 'side' => null])->assertSessionHasNoErrors();
        $case = AssembleCase::read(self::begun(), InspectionPhase::Found);
        self::assertSame(['Bus 4', 1, true, Belt::LapShoulder], [self::begun()->visit->vehicle, $case->bus?->bench->row, $case->bus?->bench->lowerAnchors, $case->bus?->bench->belt]);
        $this->begin(['bus' => (string) $bus->id, 'bench' => ''])->assertSessionHasErrors('bench');
        $this->begin(['bus' => (string) $bus->id, 'bench' => 'x'])->assertSessionHasErrors('bench');
        $this->begin(['bus' => '99'])->assertSessionHasErrors('bus');
    }

    public function testOneSentTwiceIsOneCheck(): void
    {
        $submission = (string) Str::uuid();
        $this->begin(['submission' => $submission]);
        $first = self::begun()->id;
        $this->begin(['submission' => $submission]);
        self::assertSame($first, self::begun()->id);
    }

    public function testABusIsSeatedWithProposalsToTurnOver(): void
    {
        $this->signedIn();
        $this->get('/bus/plan')->assertOk()->assertSee('Bus 4')->assertSee('Not seated yet')->assertSee('Ada,2026-02-20', false);
        [$small, $large] = BusLayout::query()->orderBy('id')->get()->all();
        $ask = ['shown' => $small->id, 'bus' => $small->id, 'roster' => $small->roster];
        $this->post('/bus/plan', $ask)->assertOk()->assertSee('Proposal 1 of')->assertSee('Ada: row 1')->assertSee('data-rider="Ivo"', false)->assertSee('They board in this order')->assertSee('By the front door: ')->assertSee('Outgrows it about');
        $this->post('/bus/plan', ['roster' => "name,weight,sex\nA,40 lb,girl\n"] + $ask)->assertSee('Line 2: “girl” is neither f nor m', false);
        $this->post('/bus/plan', ['plan' => '1'] + $ask)->assertSee('Proposal 2 of');
        $this->post('/bus/plan', ['plan' => '99'] + $ask)->assertOk()->assertSee('Proposal 10 of 10');
        $this->post('/bus/plan', ['keep' => ['Ivo|5|left']] + $ask)->assertSee('Ivo: row 5 left')->assertSee('value="Ivo|5|left" checked', false);
        $this->post('/bus/plan', ['bus' => $large->id] + $ask)->assertOk()->assertSee('Kit,2022-09-19', false)->assertSee('Not seated yet');
        $this->post('/bus/plan', ['shown' => $large->id, 'bus' => $large->id, 'roster' => $large->roster])->assertSee('Proposal 1 of')->assertSee('stays empty');
        $this->post('/bus/plan', ['shown' => $large->id, 'roster' => $large->roster])->assertSee('Proposal 1 of')->assertSee('stays empty');
    }

    public function testSomebodyIsPutElsewhereByHand(): void
    {
        $this->signedIn();
        $large = BusLayout::query()->orderByDesc('id')->firstOrFail();
        $ask = ['shown' => $large->id, 'roster' => $large->roster];
        $taken = $this->post('/bus/plan', ['take' => '0'] + $ask)->assertOk()->assertSee('Everybody may ride as they sit.');
        preg_match_all('/name="at\[\]" value="([^"]+)"/', (string) $taken->getContent(), $m);
        $at = array_map(html_entity_decode(...), $m[1]);
        self::assertCount(substr_count(trim($large->roster), "\n"), $at);
        [$wrapped, $loose] = [null, null];
        foreach ($at as $line) {
            [$name, $row, $side, , $system] = explode('|', $line);
            $wrapped ??= str_starts_with($system, 'V') ? [(int) $row, $side] : null;
            $loose ??= $system === '' ? $name : null;
        }
        self::assertNotNull($wrapped);
        $behind = ($wrapped[0] + 1) . "|{$wrapped[1]}|2";
        $moved = $this->post('/bus/plan', ['at' => $at, 'move' => '1', 'move_rider' => (string) $loose, 'move_to' => $behind] + $ask)->assertOk();
        $moved->assertSee('data-fault="behind"', false)->assertSee("{$loose} is unbelted behind a wrap")->assertDontSee('/bus/trips" ', false)->assertSee('data-ghost="yes"', false);
        $this->post('/bus/trips', ['submission' => (string) Str::uuid(), 'at' => $at, 'move' => '1', 'move_rider' => (string) $loose, 'move_to' => $behind] + $ask)->assertRedirect('/bus/plan');
        $this->post('/bus/plan', ['at' => array_slice($at, 1)] + $ask)->assertSee('No place yet:')->assertDontSee('Everybody may ride');
        $this->post('/bus/plan', ['at' => $at, 'drop' => '1'] + $ask)->assertDontSee('name="at[]"', false)->assertSee('Take this proposal');
        $this->post('/bus/plan', ['at' => ['x', 'Nobody|1|left|1|', 'Kit|99|left|1|', 'Kit|1|left|1|none'], 'move' => '1', 'move_rider' => '', 'move_to' => 'y'] + $ask)->assertOk()->assertDontSee('name="at[]"', false);
    }

    public function testWhatCannotBeSeatedOrReadIsSaid(): void
    {
        $this->signedIn();
        $small = BusLayout::query()->orderBy('id')->firstOrFail();
        $ask = ['shown' => $small->id, 'bus' => $small->id, 'roster' => $small->roster];
        $this->post('/bus/plan', ['count' => ['R' => '1', 'F' => '2']] + $ask)->assertOk()->assertSee('Not everybody finds a place')->assertSee('It would work with more of the systems in stock');
        $this->post('/bus/plan', ['roster' => "who,age\nA,3\n"] + $ask)->assertSee('The first line names the columns');
        $this->post('/bus/plan', ['roster' => "name,weight,stop\nA,heavy,1\nB,40 lb,first\nC,900 lb,2\n"] + $ask)->assertSee('Line 2:')->assertSee('Line 3: the stop');
        $this->post('/bus/plan', ['roster' => "name,weight\nA,900 lb\n"] + $ask)->assertSee('A: ', false)->assertDontSee('Proposal');
        $this->post('/bus/plan', ['roster' => "name,system\nA,X\n"] + $ask)->assertDontSee('Proposal')->assertSee('class="problem"', false);
        $this->post('/bus/plan', ['count' => ['R' => 'two']] + $ask)->assertSee('R: enter how many there are')->assertSee('value="two"', false)->assertDontSee('Proposal');
        $this->post('/bus/plan', ['roster' => "name,stop\nTolley, Mr,1\n"] + $ask)->assertSee('Line 2 has more fields')->assertDontSee('Proposal');
        $this->post('/bus/plan', ['roster' => "name,name\nA,B\n"] + $ask)->assertSee('The first line names the columns');
        $this->post('/bus/plan', ['roster' => "name\n" . str_repeat("somebody of a long name\n", 1000)] + $ask)->assertSee('longer than')->assertDontSee('Proposal');
        $this->post('/bus/plan', ['roster' => '', 'keep' => 'x', 'count' => 'y', 'plan' => ['z']] + $ask)->assertOk();
        BusTrip::query()->delete();
        BusLayout::query()->delete();
        $this->get('/bus/plan')->assertOk()->assertSee('No bus has been entered yet.');
    }

    public function testTheRosterIsReadAsItIsWritten(): void
    {
        $roster = Roster::read("\u{FEFF}Name,born_on,weight,adult,stop\r\n\"Ada, of Quay Road\",2026-02-20,18 lb 4 oz,,3\r\n\r\nMr Tolley,,,yes,\r\n", Units::Imperial);
        self::assertSame([], $roster->problems);
        self::assertSame(['Ada, of Quay Road', 'Mr Tolley'], array_column($roster->riders, 'name'));
        self::assertSame([3, null], array_column($roster->riders, 'stop'));
        self::assertSame([false, true], array_column($roster->riders, 'adult'));
        self::assertSame('2026-02-20', data_get($roster->riders, '0.child.born_on'));
    }
}
