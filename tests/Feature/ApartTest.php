<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\GiveLink;
use App\Accounts\Role;
use App\Accounts\SecondFactor;
use App\Models\Booking;
use App\Models\BusLayout;
use App\Models\BusTrip;
use App\Models\Campaign;
use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\Organisation;
use App\Models\Photo;
use App\Models\PracticeAttempt;
use App\Models\PracticeSet;
use App\Models\RecallImport;
use App\Models\RecallList;
use App\Models\SeatModel;
use App\Models\User;
use App\Organisations\CurrentOrganisation;
use App\Organisations\Door;
use App\Organisations\FoundOrganisation;
use App\Photos\PhotoOf;
use App\Recalls\ImportState;
use App\Visits\Arrival;
use App\Visits\ArrivingChild;
use App\Visits\ReceiveFamily;
use Database\Seeders\EmptySeeder;
use Illuminate\Contracts\Session\Session;
use Illuminate\Cookie\CookieValuePrefix;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PDO;
use Symfony\Component\HttpFoundation\Response;

/** Two organisations in one installation: neither sees, names, changes or fills anything of the other, whatever address it tries. */
final class ApartTest extends FeatureTestCase
{
    use EveryRoute;

    /** Of the installation itself: they hold nothing that anybody entered, or are their own guard. */
    private const SHARED = ['failed_jobs', 'jobs', 'migrations', 'sessions'];

    /** What stands in the demo and in nothing that ships: whoever reads one of these reads of the other organisation. */
    private const TELLING = ['Marlo', 'Tamsin', 'Idris', 'Juniper', 'Corin', 'Sabela', 'Gwenna', 'Wilmot', 'Elowen', 'Fenella', 'Lowenna', 'Harvest market', 'Skerrin', 'Odalys', 'Ines', 'Bus 17', 'of the other'];

    private int $theirs;

    private int $ours;

    private User $bea;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutMiddleware(ThrottleRequests::class);
        $this->theirs = (int) resolve(CurrentOrganisation::class)->id();
        $this->fill();
        $this->ours = resolve(FoundOrganisation::class)('Lantern Quay club');
        resolve(EmptySeeder::class)->begin();
        $this->within(Door::Organisation, $this->ours);
        $this->bea = User::query()->create(['login' => 'bea', 'name' => 'Bea', 'role' => Role::Coordinator, 'password' => 'market-day', 'pin' => '1357'])->refresh();
    }

    /** What the demo has none of. */
    private function fill(): void
    {
        $check = self::check(3);
        $wren = User::query()->where('login', 'wren')->firstOrFail();
        Photo::query()->create(['id' => (string) Str::uuid7(), 'visit_id' => $check->visit_id, 'check_id' => $check->id, 'about' => PhotoOf::cases()[0], 'image' => 'of the other', 'taken_by' => $wren->id, 'taken_at' => now()]);
        $this->signedIn('odalys')->post('/practice/classes', ['id' => '019ac000-0000-7000-8000-00000000000a', 'title' => 'of the other', 'level' => 2, 'drawn' => 2]);
        $this->post('/practice', ['id' => '019ac000-0000-7000-8000-00000000000b', 'kind' => 'drill', 'level' => 1, 'seed' => 7]);
        resolve(GiveLink::class)($wren, null);
        auth()->forgetGuards();
        $this->flushSession();
    }

    /** @return array<string, string> ids of the other organisation, by what an address calls them */
    private function theirIds(): array
    {
        $this->within(Door::Organisation, $this->theirs);
        $check = self::check(3);
        $ids = [
            'event' => (string) $check->visit->checkup_event_id, 'visit' => (string) $check->visit_id, 'check' => $check->id, 'fact' => $check->facts()->firstOrFail()->id,
            'model' => (string) SeatModel::query()->firstOrFail()->id, 'list' => (string) RecallList::query()->firstOrFail()->id,
            'import' => (string) RecallImport::query()->firstOrFail()->id, 'layout' => (string) BusLayout::query()->firstOrFail()->id,
            'trip' => BusTrip::query()->firstOrFail()->id, 'person' => (string) User::query()->where('login', 'odalys')->firstOrFail()->id,
            'photo' => Photo::query()->firstOrFail()->id, 'booking' => Booking::query()->firstOrFail()->id, 'set' => PracticeSet::query()->firstOrFail()->id, 'attempt' => PracticeAttempt::query()->firstOrFail()->id,
        ];
        $this->within(Door::Organisation, $this->ours);

        return $ids + self::WHERE;
    }

    private const WHERE = ['about' => 'expires', 'place' => '2L', 'phase' => 'left', 'station' => 'measure', 'performer' => 'technician', 'form' => 'csv', 'calculator' => 'wedge', 'kind' => 'slip', 'item' => '0', 'rest' => '', 'file' => '019ac000-0000-7000-8000-00000000000c'];

    /** @return array<string, string> ids of something of one's own, where there is any */
    private function ownIds(): array
    {
        $child = new ArrivingChild(SeatModel::query()->first(), []);
        $visit = resolve(ReceiveFamily::class)(CheckupEvent::current(), new Arrival((string) Str::uuid7(), 'Our own', null, 'a car', null, null, [$child], 'en'), $this->bea);
        $check = Check::query()->where('visit_id', $visit->id)->firstOrFail();

        return ['event' => (string) $visit->checkup_event_id, 'visit' => (string) $visit->id, 'check' => $check->id, 'fact' => $check->facts()->first()->id ?? (string) Str::uuid(), 'person' => (string) $this->bea->id] + self::WHERE;
    }

    /** @return array<string, mixed> a print of every table, as the other organisation's people see it */
    private function printOfTheirs(): array
    {
        $this->within(Door::Organisation, $this->theirs);
        $prints = [];
        foreach (self::tables() as $table) {
            $prints[$table] = DB::table("{$table} as t")->selectRaw("count(*) || ' ' || coalesce(md5(string_agg(t::text, '|' order by t::text)), '') as print")->value('print') ?? self::fail($table);
        }
        $this->within(Door::Organisation, $this->ours);

        return $prints;
    }

    /** @return list<string> those that belong to organisations */
    private static function tables(): array
    {
        $all = DB::table('pg_tables')->where('schemaname', 'public')->orderBy('tablename')->pluck('tablename')->all();

        return array_values(array_diff(array_filter($all, is_string(...)), self::SHARED));
    }

    /**
     * @param TestResponse<Response> $answer
     * @return list<string>
     */
    private static function told(string $asked, TestResponse $answer): array
    {
        $text = $answer->baseResponse instanceof \Symfony\Component\HttpFoundation\StreamedResponse ? $answer->streamedContent() : (string) $answer->getContent();
        $said = array_values(array_filter(self::TELLING, static fn(string $word): bool => str_contains($text, $word)));

        return [
            ...($said === [] ? [] : ["{$asked} tells " . implode(', ', $said)]),
            ...($answer->getStatusCode() >= 500 ? ["{$asked} {$answer->getStatusCode()} " . Str::limit($answer->exception?->getMessage() ?? '', 200)] : []),
        ];
    }

    public function testTheDatabaseKeepsEveryTableApart(): void
    {
        $open = DB::select(<<<'SQL'
            select c.relname from pg_class c left join pg_policy p on p.polrelid = c.oid and p.polname = 'apart' and p.polcmd = '*'
            left join pg_attribute a on a.attrelid = c.oid and a.attname = 'organisation_id' and a.attnotnull
            left join pg_attrdef d on d.adrelid = c.oid and d.adnum = a.attnum
            where c.relkind = 'r' and c.relnamespace = 'public'::regnamespace and not (c.relrowsecurity and p.polname is not null
              and (pg_get_expr(d.adbin, d.adrelid) = 'organisation_now()' or c.relname = 'organisations'))
            order by 1
            SQL);
        self::assertSame(self::SHARED, array_column($open, 'relname'));
        self::assertSame([], array_filter(DB::select('select 1 from pg_roles where rolname = current_user and (rolsuper or rolbypassrls)')));
    }

    public function testNothingEnteredIsNothingThere(): void
    {
        $filled = [];
        resolve(CurrentOrganisation::class)->leave();
        foreach (self::tables() as $table) {
            $rows = DB::table($table)->count();
            $rows === 0 || $filled[$table] = $rows;
        }
        $this->within(Door::Organisation, $this->theirs);
        self::assertSame([], $filled);
        self::assertSame(['account_links', 'families', 'photos', 'practice_sets'], array_values(array_filter(['account_links', 'families', 'photos', 'practice_sets'], static fn(string $table): bool => DB::table($table)->exists())));
        self::assertSame([$this->theirs], Organisation::query()->pluck('id')->all());
    }

    public function testNothingIsWrittenIntoAnother(): void
    {
        $this->expectExceptionMessage('row-level security');
        DB::table('vehicle_layouts')->insert(['name' => 'x', 'positions' => '[]', 'organisation_id' => $this->theirs]);
    }

    /** Links to a class and to an account are open to whoever has one, and are tried below. */
    public function testNoAddressOfTheOtherIsThere(): void
    {
        $there = $this->theirIds();
        $before = $this->printOfTheirs();
        $bad = [];
        foreach (self::routes() as $route) {
            $ofTheirs = array_filter(array_keys(array_diff_key($there, self::WHERE)), static fn(string $name): bool => str_contains($route->uri(), "{{$name}}"));
            if ($ofTheirs === [] || self::isByLink($route)) {
                continue;
            }
            foreach (array_diff($route->methods(), ['HEAD']) as $verb) {
                $answer = $this->actingAs($this->bea)->call($verb, self::addressOf($route, $there), ['id' => (string) Str::uuid7(), 'answer' => 'none', 'key' => 'setup.wedge', 'phase' => 'left']);
                $bad = [...$bad, ...self::told("{$verb} {$route->uri()}", $answer), ...($answer->getStatusCode() === 404 ? [] : ["{$verb} {$route->uri()}: {$answer->getStatusCode()}"])];
            }
        }
        self::assertSame([], $bad);
        self::assertSame($before, $this->printOfTheirs());
    }

    /** The other's ids in every field of every form, and in every list and search, at addresses of one's own. */
    public function testNoFieldReachesTheOther(): void
    {
        $there = array_diff_key($this->theirIds(), self::WHERE);
        $own = $this->ownIds();
        $before = $this->printOfTheirs();
        $bad = [];
        foreach ([...array_unique($there), 'tamsin', 'om-220', 'bus 17', 'wren'] as $value) {
            foreach (self::routes() as $route) {
                foreach (array_diff($route->methods(), ['HEAD']) as $verb) {
                    $said = array_fill_keys(self::fields(), $value);
                    $bad = [...$bad, ...self::told("{$verb} {$route->uri()} {$value}", $this->actingAs($this->bea)->call($verb, self::addressOf($route, $own), $verb === 'GET' ? $said : ['id' => (string) Str::uuid7()] + $said))];
                }
            }
        }
        self::assertSame([], array_values(array_unique($bad)));
        self::assertSame($before, $this->printOfTheirs());
    }

    private static function isByLink(Route $route): bool
    {
        return ! in_array('auth', $route->middleware(), true);
    }

    /** What is one of its kind is so in its organisation: names may stand in both, and each finds its own. */
    public function testTheSameNamesMayStandInBoth(): void
    {
        $rules = (object) ['maker' => 'Ottermoor', 'model' => 'OM-220', 'name' => 'Of our own'];
        $model = \App\Catalogue\PublishSeatModel::put($rules, 'convertible', $this->bea);
        self::assertSame(1, $model->version);
        self::assertSame(['Ottermoor OM-220 Of our own'], array_map(static fn(object $one): string => $one->title, SeatModel::names()));
        $bus = BusLayout::query()->create(['name' => 'Bus 4', 'benches' => [], 'systems' => [], 'roster' => '']);
        self::assertSame(1, BusLayout::query()->count());
        $this->within(Door::Organisation, $this->theirs);
        self::assertNotContains('Ottermoor OM-220 Of our own', array_map(static fn(object $one): string => $one->title, SeatModel::names()));
        self::assertGreaterThan(5, count(SeatModel::names()));
        self::assertNull(BusLayout::query()->find($bus->id));
        self::assertSame('Harvest market', CheckupEvent::current()->name);
    }

    public function testASignInNameSaysWhichOrganisation(): void
    {
        $this->post('/sign-in', ['login' => 'bea', 'password' => 'market-day'])->assertRedirect('/');
        $this->get('/people')->assertOk()->assertSee('Lantern Quay club')->assertSee('Bea')->assertDontSee('Odalys');
        $this->post('/people', ['name' => 'Wren', 'login' => 'wren', 'role' => 'technician'])->assertSessionHasErrors(['login' => 'Somebody signs in by that name already.']);
        $this->get('/change')->assertOk()->assertSee('Bea')->assertDontSee('Wren');
        $this->post('/change', ['login' => 'wren', 'pin' => '2468'])->assertSessionHasErrors('pin');
        $this->post('/sign-out');
        auth()->forgetGuards();
        $this->post('/sign-in', ['login' => 'wren', 'password' => 'market-day'])->assertRedirect('/');
        $this->get('/')->assertOk()->assertSee('Harvest market');
        $this->get('/change')->assertOk()->assertSee('Odalys')->assertDontSee('Bea');
    }

    /** The device stays known, and whose it is with it. */
    public function testASharedDeviceStaysInItsOrganisation(): void
    {
        $this->post('/sign-in', ['login' => 'wren', 'password' => 'market-day']);
        $this->post('/change', ['login' => 'odalys', 'pin' => '2468'])->assertRedirect('/');
        auth()->forgetGuards();
        $this->travel(16)->minutes();
        $this->get('/')->assertRedirect('/change');
        auth()->forgetGuards();
        $this->get('/change')->assertOk()->assertSee('Odalys')->assertDontSee('Bea');
    }

    public function testTheSecondFactorIsAskedInItsOrganisation(): void
    {
        $this->bea->update(['totp_secret' => 'JBSWY3DPEHPK3PXP']);
        $this->post('/sign-in', ['login' => 'bea', 'password' => 'market-day'])->assertRedirect('/sign-in/second');
        $this->get('/sign-in/second')->assertOk();
        self::assertSame($this->bea->id, SecondFactor::awaits(resolve(Session::class)));
        $this->post('/sign-in/second', ['code' => '000000'])->assertSessionHasErrors('code');
    }

    public function testWhoeverIsRememberedComesBackIntoTheirOwn(): void
    {
        $remembered = collect($this->post('/sign-in', ['login' => 'bea', 'password' => 'market-day'])->headers->getCookies())
            ->firstOrFail(static fn($cookie): bool => str_starts_with($cookie->getName(), 'remember_'));
        $this->flushSession();
        auth()->forgetGuards();
        $this->withCookie($remembered->getName(), CookieValuePrefix::remove(Crypt::decryptString((string) $remembered->getValue())))
            ->get('/people')->assertOk()->assertSee('Bea')->assertDontSee('Odalys');
    }

    /** Whoever has the link of a class takes part as a guest; of the organisation they see that class alone. */
    public function testALinkOpensWhatItIsForAndNothingElse(): void
    {
        $there = $this->theirIds();
        $this->actingAs($this->bea)->get("/practice/classes/{$there['set']}")->assertOk()->assertSee('of the other');
        $this->actingAs($this->bea)->get("/practice/classes/{$there['set']}/sheet")->assertNotFound();
        $this->actingAs($this->bea)->post("/practice/classes/{$there['set']}/together", ['item' => 0])->assertNotFound();
        $this->actingAs($this->bea)->get("/practice/{$there['attempt']}")->assertNotFound();
        $this->actingAs($this->bea)->post("/practice/{$there['attempt']}/end")->assertNotFound();
        $this->within(Door::Organisation, $this->theirs);
        $link = resolve(GiveLink::class)(User::query()->where('login', 'wren')->firstOrFail(), null);
        $this->within(Door::Organisation, $this->ours);
        $this->get("/welcome/{$link}")->assertOk()->assertSee('Welcome, Wren');
        $this->actingAs($this->bea)->get('/')->assertDontSee('Harvest market');
    }

    public function testWorkInTheQueueIsDoneForWhoPutItThere(): void
    {
        $theirs = $this->printOfTheirs();
        Storage::fake();
        $csv = "id,maker,advice\nO-1,Ottermoor,stop_use\n";
        $this->actingAs($this->bea)->post('/recalls/imports', ['list' => UploadedFile::fake()->createWithContent('ours.csv', $csv), 'dated' => now()->subDay()->toDateString()])->assertRedirect();
        $this->put('/recalls/imports/' . RecallImport::query()->sole()->id)->assertRedirect();
        self::assertSame([ImportState::Taken, ['O-1'], 'O-1'], [RecallImport::query()->sole()->state, Campaign::query()->pluck('code')->all(), CheckupEvent::current()->recallList?->campaigns()->value('code')]);
        $carried = json_decode((string) json_encode(Context::dehydrate()), true);
        $this->within(Door::Organisation, $this->theirs);
        Context::hydrate(is_array($carried) ? $carried : null);
        self::assertSame($this->ours, resolve(CurrentOrganisation::class)->id());
        Context::hydrate(null);
        self::assertNull(resolve(CurrentOrganisation::class)->id());
        self::assertSame($theirs, $this->printOfTheirs());
    }

    /** A connection that somebody used before, or that was lost and made anew, begins in the organisation of now. */
    public function testAConnectionCarriesNothingOver(): void
    {
        /** @var array<string, mixed> $config */
        $config = config()->array('database.connections.pgsql');
        $now = static fn(PDO $connection): mixed => ($connection->query("select current_setting('mintbuckle.organisation')") ?: self::fail('no answer'))->fetchColumn();
        $kept = ['options' => [PDO::ATTR_PERSISTENT => true] + (array) $config['options']] + $config;
        $connector = resolve('db.connector.pgsql');
        self::assertInstanceOf(\App\Organisations\Connector::class, $connector);
        self::assertSame((string) $this->ours, $now($connector->connect($kept)));
        resolve(CurrentOrganisation::class)->leave();
        self::assertSame('', $now($connector->connect($kept)));
        $this->within(Door::Organisation, $this->ours);
    }

    public function testOneMoreIsFoundedByACommandAndNamedByItsCoordinator(): void
    {
        self::assertSame(0, Artisan::call('buckle:organisation', ['name' => 'Third']));
        preg_match('/Organisation (\d+)\./', Artisan::output(), $number);
        self::assertSame(1, Artisan::call('buckle:first-coordinator', ['name' => 'Ana']), 'which one was not said');
        self::assertSame(1, Artisan::call('buckle:first-coordinator', ['name' => 'Ana', '--organisation' => '99999']));
        self::assertSame(1, Artisan::call('buckle:first-coordinator', ['name' => 'Ana', '--organisation' => $number[1] ?? '', '--login' => 'wren']), 'the name is taken');
        self::assertSame(0, Artisan::call('buckle:first-coordinator', ['name' => 'Ana', '--organisation' => $number[1] ?? '', '--login' => 'ana']));
        $link = trim(Artisan::output());
        $this->get($link)->assertOk()->assertSee('Welcome, Ana');
        $this->post($link, ['password' => 'ferry gravel lantern', 'password_confirmation' => 'ferry gravel lantern'])->assertRedirect('/sign-in');
        $this->post('/sign-in', ['login' => 'ana', 'password' => 'ferry gravel lantern'])->assertRedirect('/');
        $this->get('/')->assertOk()->assertSee('First event');
        $this->put('/organisation', ['organisation' => 'Third and last'])->assertRedirect('/people');
        $this->get('/people')->assertSee('Third and last');
        $this->put('/organisation', ['organisation' => ''])->assertSessionHasErrors('organisation');
        $this->within(Door::Organisation, $this->theirs);
        self::assertSame(['Skerrin Holm families'], Organisation::query()->pluck('name')->all());
    }
}
