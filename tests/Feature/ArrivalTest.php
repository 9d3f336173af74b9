<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Checks\AssembleCase;
use App\Models\CheckupEvent;
use App\Models\Family;
use App\Models\SeatModel;
use App\Models\VehicleLayout;
use App\Models\Visit;
use App\Units;
use DateTimeImmutable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Testing\TestResponse;
use MintBuckle\Core\Record\InspectionPhase;
use PHPUnit\Framework\Attributes\DataProvider;

final class ArrivalTest extends FeatureTestCase
{
    public function testAFamilyGetsATicketAndACheckAChild(): void
    {
        $this->signedIn('ines')->post('/visits', self::form())->assertRedirect('/');
        $visit = Visit::query()->orderByDesc('ticket')->with(['family', 'checks.facts', 'checks.visit.event.recallList'])->firstOrFail();
        $case = AssembleCase::read($visit->checks[0] ?? self::fail('no check'), InspectionPhase::Found);

        self::assertSame([self::DEMO_VISITS + 1, 'Perrin', 'Halven Sound', 2], [$visit->ticket, $visit->family?->first_name, $visit->vehicle, $visit->checks->count()]);
        self::assertSame(['A', 'B'], $visit->checks->pluck('letter')->all());
        self::assertSame(['Ottermoor', 'OM-220', '2023-03'], [$case->seat?->maker, $case->seat?->model, (string) $case->seat?->madeOn]);
        self::assertSame(['21 lb', '2L', 2018], [$case->child->weight?->show(), $case->setup?->position, $case->vehicle?->modelYear]);
        self::assertNull($case->vehicle->positions[1]->belt ?? null, 'what was not looked at is unknown');
    }

    public function testASeatThatIsNotOnTheShelf(): void
    {
        $form = self::form();
        $form['children'] = [['seat' => 'other', 'maker' => 'Selwick', 'model' => '', 'mode' => 'forward_harness', 'position' => '2R'] + $form['children'][0]];
        $this->signedIn()->post('/visits', $form)->assertRedirect('/');
        $visit = Visit::query()->orderByDesc('ticket')->with(['checks.facts', 'checks.visit.event.recallList'])->firstOrFail();
        $check = $visit->checks[0] ?? self::fail('no check');

        self::assertSame(['forward_harness'], array_keys(AssembleCase::read($check, InspectionPhase::Found)->seat->modes ?? []));
        $this->get("/checks/{$check->id}/found/child")->assertSee('Greatest weight for this mode');
        $this->get("/checks/{$check->id}/found/label")->assertSee('Which model number stands on the label?');
    }

    public function testCarsAreFoundByAFewLetters(): void
    {
        $offered = fn(string $words): array => preg_match_all('~name="layout" value="(\d+)".*?<span>([^<]+)</span>~s', (string) $this->signedIn()->get('/arrive/cars?vehicle=' . urlencode($words))->assertOk()->getContent(), $m) > 0 ? $m[2] : [];

        self::assertSame('Halven Sound 2018, five seats', $offered('hálven-SOUND')[0] ?? null, 'however it is written');
        self::assertSame(['Halven Sound 2018, five seats', 'Halven Narrows 2021, four seats'], array_slice($offered('hal'), 0, 2), 'what begins so comes first');
        self::assertContains('Five seats, driver on the left', $offered('nothing like it'), 'the mere shapes are always at hand');
        $this->get('/arrive/cars?vehicle=nothing+like+it')->assertSee('No car has “nothing like it”');
        VehicleLayout::query()->create(['name' => 'Selwick Tern 2020, five seats', 'positions' => [['name' => '2L', 'airbag' => false]]]);
        self::assertSame('Selwick Tern 2020, five seats', $offered('tern')[0] ?? null, 'a new one at once');
    }

    /** What was remembered by an edition of before has no folded names: seats are found all the same. */
    public function testNamesRememberedBeforeAnUpgradeAreNotUsed(): void
    {
        Cache::forever('catalogue.names', '[{"id":1,"maker":"Ottermoor","model":"OM-220","name":null}]');

        self::assertContains('Ottermoor OM-220 Haven', $this->offered('/arrive/seats?' . http_build_query(['children' => [['seat_words' => 'om220']]])));
    }

    public function testACarOfTheCatalogueBringsItsNameItsYearAndWhatItsPlacesHave(): void
    {
        $car = VehicleLayout::query()->where('name', 'Halven Sound 2018, five seats')->sole();
        $this->signedIn()->post('/visits', ['vehicle' => 'halv', 'layout' => $car->id, 'model_year' => ''] + self::form())->assertRedirect('/');
        $visit = Visit::query()->orderByDesc('ticket')->with(['checks.facts', 'checks.visit.event.recallList'])->firstOrFail();
        $case = AssembleCase::read($visit->checks[0] ?? self::fail('no check'), InspectionPhase::Found);

        self::assertSame(['Halven Sound', 2018, $car->id], [$visit->vehicle, $case->vehicle?->modelYear, $visit->vehicle_layout_id]);
        self::assertSame('switchable', ($case->vehicle->positions[1] ?? null)?->retractor?->value);
        $this->get('/arrive')->assertSeeInOrder(['id="f-layout-' . $car->id . '"', 'Not in the catalogue'], false);
    }

    /** @return iterable<string, array{array<string, string>, string, string|null}> typed, remark, code */
    public static function remarks(): iterable
    {
        $seat = ['seat' => 'OM-220', 'weight' => '22 lb 4 oz'];
        yield 'the law before anything is chosen' => [['born_on' => self::ago('14 months')], 'Under 24 months: rear-facing by law here.', null];
        yield 'forward too early' => [['born_on' => self::ago('14 months'), 'mode' => 'forward_harness'] + $seat, 'nobody faces forward before 24 months here', 'mode.law_rear'];
        yield 'too heavy' => [['born_on' => self::ago('40 months'), 'weight' => '45', 'mode' => 'rear_harness', 'seat' => 'OM-220'], '45 lb', 'mode.outside_limits'];
        yield 'not yet born' => [['born_on' => (new DateTimeImmutable('+40 days'))->format('Y-m-d')] + $seat, 'Not born yet', null];
        yield 'long expired' => [['made_on' => '2001-02', 'seat' => 'OM-220'], 'may not be used since', 'expiry.passed'];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('remarks')]
    public function testRemarksAreMadeAtOnce(array $typed, string $says, ?string $code): void
    {
        $model = SeatModel::query()->where('model', 'OM-220')->firstOrFail();
        $typed = ['seat' => isset($typed['seat']) ? (string) $model->id : ''] + $typed;
        $answer = $this->signedIn()->post('/arrive/remarks', ['units' => 'imperial', 'children' => [1 => $typed]], ['HX-Request' => 'true'])->assertOk()->assertSee($says);
        $code === null ? $answer->assertDontSee('data-code') : $answer->assertSee("data-code=\"{$code}\"", false);
        self::assertSame(self::DEMO_VISITS, CheckupEvent::current()->visits()->count(), 'nothing is kept');
    }

    public function testHalfTypedSaysNothing(): void
    {
        foreach ([['born_on' => '14.'], ['weight' => 'heavy'], ['made_on' => '3/4'], []] as $typed) {
            $this->signedIn()->post('/arrive/remarks', ['units' => 'metric', 'children' => [$typed]], ['HX-Request' => 'true'])->assertOk()->assertDontSee('class="remark');
        }
    }

    public function testTheLabelsCodeFillsInTheSeat(): void
    {
        $read = fn(string $code): TestResponse => $this->signedIn()->get('/arrive/label?' . http_build_query(['children' => [1 => ['code' => $code]]]))->assertOk();
        $model = SeatModel::query()->where('model', 'Q-15')->firstOrFail();
        $label = static fn(array $says): string => (string) json_encode(['format' => 'mint-buckle/label', 'version' => 1] + $says);

        $read($label(['maker' => 'QUILLROE', 'model' => 'q15', 'made_on' => '2022-06', 'serial' => 'Q-77']))
            ->assertSee("id=\"f-children-1-seat-{$model->id}\" checked", false)->assertSee('value="2022-06"', false)->assertSee('value="Q-77"', false);
        $read($label(['maker' => 'Selwick', 'model' => 'S-1']))->assertSee('id="f-children-1-seat-other" checked', false)->assertSee('value="Selwick"', false);
        $read('AB12345')->assertSee('Taken as the serial number: AB12345.')->assertSee('value="AB12345"', false);
        $read('{"format": "something"}')->assertDontSee(' checked', false)->assertSee('role="status"', false);
    }

    public function testTheUnbornChildIsDue(): void
    {
        $form = self::form();
        $form['children'] = [['born_on' => now()->addDays(30)->toDateString(), 'weight' => '', 'height' => ''] + $form['children'][0]];
        $this->signedIn()->post('/visits', $form)->assertRedirect('/');
        $visit = Visit::query()->orderByDesc('ticket')->with(['checks.facts', 'checks.visit.event.recallList'])->firstOrFail();
        $child = AssembleCase::read($visit->checks[0] ?? self::fail('no check'), InspectionPhase::Found)->child;

        self::assertSame([null, now()->addDays(30)->toDateString()], [$child->bornOn, (string) $child->dueOn]);
    }

    private static function ago(string $ago): string
    {
        return (new DateTimeImmutable("-{$ago}"))->format('Y-m-d');
    }

    public function testMeasuresKeepTheUnitsOfTheFormThatAskedForThem(): void
    {
        $form = self::form();
        $this->signedIn()->withCookie(Units::COOKIE, 'metric')->post('/visits', $form)->assertRedirect('/');
        $visit = Visit::query()->orderByDesc('ticket')->with(['checks.facts', 'checks.visit.event.recallList'])->firstOrFail();
        $child = AssembleCase::read($visit->checks[0] ?? self::fail('no check'), InspectionPhase::Found)->child;

        self::assertSame(['21 lb', '29.5 in'], [$child->weight?->show(), $child->height?->show()], 'units changed in another tab');
        $this->from('/arrive')->followingRedirects()->post('/visits', ['submission' => Str::uuid7()->toString(), 'first_name' => ''] + $form)
            ->assertSee('name="units" value="imperial"', false)->assertSeeInOrder(['Weight,', '<span class="unit"> lb</span>'], false);
    }

    public function testMeasuresWithoutUnitsAreNotGuessed(): void
    {
        $form = self::form();
        unset($form['units']);
        $this->signedIn()->post('/visits', $form)->assertSessionHasErrors(['units' => 'The form did not say in which units weight and height are. Open it again.']);

        self::assertSame(self::DEMO_VISITS, CheckupEvent::current()->visits()->count());
    }

    public function testSentTwiceReceivedOnce(): void
    {
        $form = self::form();
        $this->signedIn()->post('/visits', $form)->assertRedirect('/');
        $this->post('/visits', $form)->assertRedirect('/');

        self::assertSame(self::DEMO_VISITS + 1, CheckupEvent::current()->visits()->count());
    }

    public function testWhatIsPersonalIsEncryptedAndApart(): void
    {
        $this->signedIn()->post('/visits', self::form());
        $family = Family::query()->orderByDesc('visit_id')->firstOrFail();
        $stored = DB::table('families')->where('visit_id', $family->visit_id)->value('first_name');

        self::assertSame('Perrin', $family->first_name);
        self::assertIsString($stored);
        self::assertStringNotContainsString('Perrin', $stored);
        $this->get('/')->assertOk()->assertSee('<h3>Perrin</h3>', false);
        $family->delete();
        $this->get('/')->assertOk()->assertDontSee('Perrin')->assertSee('A family');
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> changes, field, what to do */
    public static function refused(): iterable
    {
        yield 'no name' => [['first_name' => ''], 'first_name', 'Enter the first name'];
        yield 'no consent' => [['consent' => null], 'consent', 'Ask the family'];
        yield 'no car' => [['vehicle' => ''], 'vehicle', 'Enter maker and model of the car.'];
        yield 'no seat' => [['children.0.seat' => ''], 'children.0.seat', 'Choose the seat'];
        yield 'no maker for a seat that is not in the catalogue' => [['children.0.seat' => 'other'], 'children.0.maker', 'Enter the maker'];
        yield 'weight in words' => [['children.0.weight' => 'heavy'], 'children.0.weight', 'cannot be read'];
        yield 'an absurd weight' => [['children.0.weight' => '900'], 'children.0.weight', 'Must be 0 lb to 440.9 lb.'];
        yield 'born tomorrow' => [['children.0.born_on' => '2099-01-01'], 'children.0.born_on', 'days ahead'];
        yield 'made on no day' => [['children.1.made_on' => '2023-02-30'], 'children.1.made_on', 'is no date. Enter it as the label prints it'];
        yield 'a place the car lacks' => [['children.0.position' => '3C'], 'children.0.position', 'Must be a place of the vehicle, which has no third row centre.'];
        yield 'no child' => [['children' => []], 'children', 'required'];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('refused')]
    public function testBadInputKeepsWhatWasTyped(array $changes, string $field, string $toDo): void
    {
        $form = self::form();
        foreach ($changes as $key => $value) {
            data_set($form, $key, $value);
        }
        self::assertIsArray($form);
        $this->signedIn()->from('/arrive')->post('/visits', $form)->assertRedirect('/arrive')->assertSessionHasErrors($field);
        $errors = session('errors');
        self::assertInstanceOf(ViewErrorBag::class, $errors);
        self::assertStringContainsString($toDo, (string) $errors->first($field));
        $this->get('/arrive')->assertSee(e('Nothing is lost.'), false)->assertSee(array_key_exists('vehicle', $changes) ? 'Enter maker and model of the car.' : 'Halven Sound');
        self::assertSame(self::DEMO_VISITS, CheckupEvent::current()->visits()->count());
    }

    public function testIntoTheLowestFreeBay(): void
    {
        $waiting = CheckupEvent::current()->visits()->where('ticket', 7)->firstOrFail();
        CheckupEvent::current()->visits()->where('ticket', 4)->firstOrFail()->update(['left_at' => now()]);
        $first = "/checks/{$waiting->checks()->orderBy('letter')->firstOrFail()->id}/found/label";
        $this->signedIn()->post("/visits/{$waiting->id}/bay")->assertRedirect($first);
        $this->post("/visits/{$waiting->id}/bay")->assertRedirect($first);

        self::assertSame(2, $waiting->refresh()->bay);
    }

    /** @return array{submission: string, units: string, first_name: string, contact: string, consent: string, vehicle: string, model_year: string, layout: int, children: list<array<string, mixed>>} */
    public static function form(): array
    {
        $seat = SeatModel::query()->where('model', 'OM-220')->firstOrFail()->id;
        $child = ['born_on' => '2025-08-01', 'weight' => '21', 'height' => '29 1/2', 'sex' => 'f', 'seat' => (string) $seat, 'maker' => '', 'model' => '', 'made_on' => '2023-03', 'mode' => 'rear_harness', 'position' => '2L'];

        return [
            'submission' => Str::uuid7()->toString(),
            'units' => 'imperial',
            'first_name' => 'Perrin',
            'contact' => '',
            'consent' => '1',
            'vehicle' => 'Halven Sound',
            'model_year' => '2018',
            'layout' => VehicleLayout::query()->orderBy('id')->firstOrFail()->id,
            'children' => [$child, ['position' => '2R', 'born_on' => ''] + $child],
        ];
    }

    /** A seat is found by a few letters however they are written; without any, those of the day stand first. */
    public function testASeatIsFoundByAFewLetters(): void
    {
        $offered = fn(string $words): array => $this->offered('/arrive/seats?' . http_build_query(['children' => [1 => ['seat_words' => $words]]]));

        self::assertSame(['Ottermoor OM-220 Haven', 'No seat', 'Not in the catalogue'], $offered('om220'));
        self::assertContains('Ottermoor OM-90 Cove', $offered('otter'));
        self::assertSame(['No seat', 'Not in the catalogue'], $offered('no such seat'));
        self::assertSame('Ottermoor OM-220 Haven', $offered(' ')[0] ?? null, 'most met today');
        $this->get('/arrive/seats?' . http_build_query(['children' => [1 => ['seat_words' => 'zz']]]))->assertSee('No model has “zz”')->assertSee('name="children[1][seat]"', false);
    }

    public function testWithoutScriptsTheLettersAreLookedUpByAPress(): void
    {
        $form = self::form();
        $form['children'] = [['seat' => '', 'seat_words' => 'om90'] + $form['children'][0]];
        $this->signedIn()->followingRedirects()->post('/arrive/seats', $form)->assertOk()->assertSee('Ottermoor OM-90 Cove')->assertDontSee('Quillroe Q-15')->assertSee('value="' . $form['first_name'] . '"', false);
    }

    public function testAChosenSeatIsStillThereAfterAMistake(): void
    {
        $seat = SeatModel::query()->where('model', 'Q-9')->firstOrFail();
        $form = self::form();
        $form['children'][0]['seat'] = (string) $seat->id;
        $form['first_name'] = '';
        $html = (string) $this->signedIn()->from('/arrive')->followingRedirects()->post('/visits', $form)->assertOk()->getContent();
        self::assertMatchesRegularExpression('/value="' . $seat->id . '"\s+id="f-children-0-seat-' . $seat->id . '"\s+checked/', $html);
    }

    /** @return list<string> */
    private function offered(string $address): array
    {
        preg_match_all('~<span>([^<]+)</span>~', (string) $this->signedIn()->get($address)->assertOk()->getContent(), $found);

        return $found[1];
    }
}
