<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CheckupEvent;
use App\Models\KitMove;
use App\Models\SeatModel;
use App\Models\User;
use App\Models\Visit;
use App\Models\VisitMove;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use MintBuckle\Core\Record\InspectionPhase;
use Symfony\Component\HttpFoundation\Response;

/** The event's home page: the lot, calls and hand-overs, the kit; and that a screen which has it all is told nothing. */
final class EventBoardTest extends FeatureTestCase
{
    /** The demo was made a while ago: the clock goes on from there. */
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(self::visit(3)->called_at?->addMinutes(45) ?? self::fail('nobody called it'));
    }

    private static function person(string $login): User
    {
        return User::query()->where('login', $login)->firstOrFail();
    }

    /** @param TestResponse<Response> $answer */
    private static function seen(TestResponse $answer): string
    {
        return preg_match('/data-seen="(\w+)"/', (string) $answer->getContent(), $m) === 1 ? $m[1] : self::fail('nothing to compare with');
    }

    public function testTheLotShowsWhoStandsWhereAndForHowLong(): void
    {
        $html = (string) $this->signedIn('ines')->get('/')->assertOk()->assertSee('Bay 1: 3 · Idris, for 45 minutes, Wren.')->assertSee('Bay 6 is free.')->getContent();
        self::assertSame(8, substr_count($html, 'data-bay='));
        $this->get('/')->assertSee('certificate ends in 41 days')->assertSee('Locking clips, low')->assertSee('8 wait, the last starts about')->assertSee('Ticket 7, Sabela')->assertSee('Call to bay 6');
        self::assertMatchesRegularExpression('/data-starts="\d\d:\d\d"/', $html);
    }

    /** What was called, handed over, counted or answered is told; what stands as it was is not. */
    public function testAScreenThatHasItAllIsToldNothing(): void
    {
        $live = fn(string $seen): TestResponse => $this->get("/events/live?seen={$seen}");
        $seen = self::seen($this->signedIn('ines')->get('/'));
        $live($seen)->assertNoContent();
        foreach ([
            fn() => $this->post('/visits/' . self::visit(7)->id . '/bay', ['technician' => self::person('ansel')->id, 'here' => '1'])->assertRedirect('/'),
            fn() => $this->post('/visits/' . self::visit(7)->id . '/technician', ['technician' => self::person('wim')->id, 'id' => Str::uuid7()->toString()])->assertRedirect('/'),
            fn() => $this->post('/kit', ['id' => Str::uuid7()->toString(), 'item' => 'noodle', 'way' => 'counted', 'count' => '9'])->assertRedirect('/kit'),
            fn() => $this->answer(self::check(9), 'setup.wedge', ['answer' => 'none'])->assertOk(),
            fn() => $this->post('/visits', ArrivalTest::form())->assertRedirect(),
            fn() => $this->travel(1)->minutes(),
        ] as $number => $change) {
            $change();
            $answer = $live($seen);
            self::assertSame(200, $answer->getStatusCode(), "change {$number}");
            $answer->assertSee('id="event-board"', false)->assertDontSee('<html', false);
            $seen = self::seen($answer);
            $live($seen)->assertNoContent();
        }
    }

    public function testOnePressCallsTheNextToAFreeBay(): void
    {
        $ansel = self::person('ansel');
        $visit = self::visit(7);
        $this->signedIn('ines')->post("/visits/{$visit->id}/bay", ['technician' => $ansel->id, 'here' => '1'])->assertRedirect('/')->assertSessionHas('status');
        $this->post("/visits/{$visit->id}/bay", ['technician' => self::person('wim')->id, 'here' => '1']);
        self::assertSame([6, $ansel->id, 1], [$visit->refresh()->bay, $visit->worked_by, VisitMove::query()->where('visit_id', $visit->id)->count()], 'called once');
        self::assertNotNull($visit->called_at);
        $this->get('/')->assertSee('Ticket 8, Ottilie')->assertSee('Call to bay 7');
        $this->signedIn('wren')->post('/visits/' . self::visit(8)->id . '/bay')->assertRedirectContains('/checks/');
        self::assertSame(self::person('wren')->id, self::visit(8)->worked_by, 'whoever takes it works on it');
        $reader = User::query()->create(['login' => 'rea', 'name' => 'Rea', 'role' => 'reader', 'password' => 'x'])->refresh();
        $this->signedIn('ines')->post('/visits/' . self::visit(9)->id . '/bay', ['technician' => $reader->id]);
        self::assertSame(self::person('ines')->id, self::visit(9)->worked_by, 'nobody who may not write');
        $this->post('/visits/' . self::visit(11)->id . '/bay', ['here' => '1'])->assertSessionHas('problem');
        self::assertNull(self::visit(11)->bay, 'eight bays, no ninth');
    }

    public function testACheckIsHandedOverOnceAndItsHistoryStays(): void
    {
        $visit = self::visit(3);
        $id = Str::uuid7()->toString();
        foreach ([1, 2] as $time) {
            $this->signedIn('wren')->post("/visits/{$visit->id}/technician", ['id' => $id, 'technician' => self::person('ansel')->id])->assertRedirect('/');
        }
        self::assertSame([self::person('ansel')->id, 2], [$visit->refresh()->worked_by, VisitMove::query()->where('visit_id', $visit->id)->count()], 'called, and handed over once');
        $this->get('/')->assertSee('Ansel, for 45 min');
        $this->post('/visits/' . self::visit(7)->id . '/technician', ['id' => Str::uuid7()->toString(), 'technician' => self::person('ansel')->id])->assertSessionHas('problem');
        $this->post('/visits/' . self::visit(1)->id . '/technician', ['id' => Str::uuid7()->toString(), 'technician' => self::person('ansel')->id])->assertSessionHas('problem');
        $this->expectException(QueryException::class);
        DB::table('visit_moves')->delete();
    }

    private function left(string $item): ?int
    {
        return preg_match("/data-kit=\"{$item}\" data-left=\"(-?\d+|unknown)\"/", (string) $this->get('/')->getContent(), $m) === 1 && $m[1] !== 'unknown' ? (int) $m[1] : null;
    }

    public function testWhatAChecksFactsTakeComesOffTheKitAndBack(): void
    {
        $check = self::check(6);
        $this->signedIn('wren')->answer($check, 'setup.wedge', ['answer' => 'none'], InspectionPhase::Found)->assertOk();
        $this->answer($check, 'setup.wedge', ['answer' => 'noodle'])->assertOk();
        self::assertSame(11, $this->left('noodle'));
        $this->answer($check, 'setup.wedge_count', ['answer' => '3'])->assertOk();
        self::assertSame(9, $this->left('noodle'));
        $this->answer($check, 'setup.wedge', ['answer' => 'towel'])->assertOk();
        self::assertSame([12, 3], [$this->left('noodle'), $this->left('towel')]);
        $this->answer($check, 'setup.wedge', ['answer' => 'none'])->assertOk();
        self::assertSame([12, 6], [$this->left('noodle'), $this->left('towel')]);
    }

    public function testASeatThatIsGivenStandsWithItsCheck(): void
    {
        $check = self::check(4);
        $page = (string) $this->signedIn('wren')->get("/checks/{$check->id}/instead")->assertOk()->getContent();
        self::assertSame(1, preg_match('/name="model" value="(\d+)"/', $page, $m));
        $model = SeatModel::query()->findOrFail($m[1] ?? '');
        $ids = array_map(static fn(): string => Str::uuid7()->toString(), range(1, 3));
        $this->post("/checks/{$check->id}/instead", ['model' => $m[1] ?? '', 'ids' => $ids, 'id' => $ids[0], 'id2' => $ids[1], 'id3' => $ids[2]])->assertSessionMissing('problem');
        $item = Str::slug($model->kind);
        self::assertSame([$item => 1], $check->refresh()->kit);
        $this->get('/kit')->assertOk()->assertSee($model->maker . ' ' . $model->model)->assertSee('make date not read')->assertSee("/checks/{$check->id}/log", false);
    }

    public function testTheKitIsCountedComesAndGoes(): void
    {
        $this->signedIn('wren');
        $move = fn(string $way, string $count, ?string $id = null): TestResponse => $this->post('/kit', ['id' => $id ?? Str::uuid7()->toString(), 'item' => 'belt_peg', 'way' => $way, 'count' => $count]);
        self::assertNull($this->left('belt_peg'));
        $move('counted', '5')->assertSessionHasNoErrors();
        $twice = Str::uuid7()->toString();
        $move('added', '3', $twice);
        $move('added', '3', $twice);
        $move('gone', '2');
        self::assertSame(6, $this->left('belt_peg'));
        $move('counted', '4');
        self::assertSame([4, 4], [$this->left('belt_peg'), KitMove::query()->where('item', 'belt_peg')->count()]);
        $move('counted', '-1')->assertSessionHasErrors('count');
        $move('counted', 'x')->assertSessionHasErrors('count');
        $this->post('/kit', ['id' => Str::uuid7()->toString(), 'item' => 'anvil', 'way' => 'counted', 'count' => '1'])->assertSessionHasErrors('item');
        $this->put('/kit', ['minima' => ['belt_peg' => '9']])->assertForbidden();
        $this->signedIn('ines')->put('/kit', ['minima' => ['belt_peg' => '9', 'noodle' => '0', 'anvil' => '3']])->assertRedirect('/kit');
        $this->get('/')->assertSee('Belt pegs, low')->assertDontSee('Locking clips, low');
    }

    /** Of 500 families the page shows those that are there and a page of those that are not. */
    public function testPastFamiliesArePaged(): void
    {
        $event = CheckupEvent::current();
        $one = self::visit(1);
        for ($ticket = 100; $ticket < 160; $ticket++) {
            $one->replicate()->fill(['ticket' => $ticket, 'submission' => (string) Str::uuid7()])->save();
        }
        $first = (string) $this->signedIn()->get('/')->assertOk()->assertSee('aria-current="page"', false)->getContent();
        $second = (string) $this->get('/?page=4')->assertOk()->getContent();
        $gone = static fn(string $html): int => substr_count(explode('data-group="gone"', $html)[1] ?? '', 'data-ticket=');
        self::assertSame([18, 62 - 54], [$gone($first), $gone($second)]);
        $this->get('/?page=99')->assertOk()->assertDontSee('data-group="gone"', false);
        self::assertSame(62, $event->visits()->whereNotNull('left_at')->count());
    }

    public function testReadersSeeTheLotAndCallNobody(): void
    {
        $reader = User::query()->create(['login' => 'rea', 'name' => 'Rea', 'role' => 'reader', 'password' => 'x'])->refresh();
        $this->actingAs($reader)->get('/')->assertOk()->assertSee('data-drawing="lot"', false)->assertDontSee('data-call', false)->assertDontSee('Hand over');
        $this->get('/kit')->assertOk()->assertDontSee('name="count"', false);
        $this->post('/visits/' . self::visit(7)->id . '/bay')->assertForbidden();
    }

    public function testPastFamiliesAndSeatsAreFound(): void
    {
        $hollis = Visit::query()->whereRelation('event', 'name', 'Harvest market, first day')->where('ticket', 1)->firstOrFail();
        $this->signedIn()->get('/')->assertSee('id="event-search"', false);
        foreach (['Hollis', ' hollis ', 'Hollis, first house after the BRIDGE'] as $words) {
            $this->get('/search?q=' . urlencode($words))->assertOk()->assertSee("data-visit=\"{$hollis->id}\"", false)->assertSee('Harvest market, first day');
        }
        $this->get('/search?q=Merryn')->assertDontSee('data-visit=', false)->assertSee('Nothing was found');
        $this->get('/search?q=9')->assertSee('data-visit="' . self::visit(9)->id . '"', false)->assertDontSee('first day');
        $this->get('/search?q=om-220')->assertSee('data-check=', false)->assertSee('Ottermoor OM-220');
        $this->get('/search?q=' . urlencode('%'))->assertSee('Nothing was found');
        $this->get('/search')->assertOk()->assertDontSee('Nothing was found');
        $stored = json_encode(DB::table('families')->get(), JSON_THROW_ON_ERROR);
        self::assertStringNotContainsString('ollis', $stored, 'nothing is told by the database alone');
        self::assertSame(0, DB::table('families')->whereNotNull('contact_key')->whereNull('contact')->count());
    }

    public function testAFamilyThatComesAgainIsKnownWithWhatWasFound(): void
    {
        $this->signedIn()->get('/arrive/before?contact=' . urlencode('Gwenna at the NET loft'))->assertOk()->assertSee('Was here before: Harvest market, first day')->assertSee('Ottermoor OM-220')->assertSee('Found: The seat moves')->assertSee('Left: Good to ride.')->assertDontSee('HQ-61');
        foreach (['', ' ', 'somebody else'] as $contact) {
            $this->get('/arrive/before?contact=' . urlencode($contact))->assertOk()->assertDontSee('data-before', false);
        }
    }
}
