<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\CommonPasswords;
use App\Accounts\GiveLink;
use App\Accounts\GoodPassword;
use App\Accounts\Role;
use App\Accounts\SecondFactor;
use App\Accounts\ShortSession;
use App\Accounts\Totp;
use App\Models\AccountLink;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestDatabase;

/** People are let in by link, choose their own secrets, and lose nothing but their entry when they go. */
final class AccountsTest extends FeatureTestCase
{
    private const PASSWORD = 'ferry gravel lantern';

    protected function setUp(): void
    {
        parent::setUp();
        Cache::flush();
    }

    private static function person(string $login): User
    {
        return User::query()->where('login', $login)->firstOrFail();
    }

    private function link(): string
    {
        $link = session('link');
        self::assertIsArray($link);
        self::assertIsString($link['address']);

        return (string) parse_url($link['address'], PHP_URL_PATH);
    }

    public function testSomebodyIsLetInByALinkThatOpensOnce(): void
    {
        $this->signedIn('ines')->get('/people')->assertOk()->assertSee('Odalys')->assertSee('Senior checker');
        $this->post('/people', ['name' => 'Tam', 'login' => 'tam', 'role' => 'trainee'])->assertRedirect('/people')->assertSessionHasNoErrors();
        $link = $this->link();
        $this->get('/people')->assertSee('It is shown this once')->assertSee($link, false);
        $this->get('/people')->assertDontSee($link, false)->assertSee('Has not come by their link yet');
        self::assertSame(0, AccountLink::query()->where('token', basename($link))->count(), 'the link itself is kept nowhere');
        $this->post('/sign-out');

        $this->get($link)->assertOk()->assertSee('Welcome, Tam');
        $this->post($link, ['password' => 'password12', 'password_confirmation' => 'password12'])->assertSessionHasErrors('password');
        $this->post($link, ['password' => self::PASSWORD, 'password_confirmation' => 'other'])->assertSessionHasErrors('password');
        $this->post($link, ['password' => self::PASSWORD, 'password_confirmation' => self::PASSWORD, 'pin' => '12'])->assertSessionHasErrors('pin');
        $this->post($link, ['password' => self::PASSWORD, 'password_confirmation' => self::PASSWORD, 'pin' => '1357'])->assertRedirect('/sign-in')->assertSessionHas('status');
        $this->get($link)->assertOk()->assertSee('was used, replaced, or is too old')->assertDontSee('Welcome');
        $this->post($link, ['password' => self::PASSWORD . 'x', 'password_confirmation' => self::PASSWORD . 'x']);
        $this->post('/sign-in', ['login' => 'tam', 'password' => self::PASSWORD])->assertRedirect('/');
        $this->get('/')->assertOk();
        $this->get('/people')->assertForbidden();
    }

    public function testALinkEndsByTimeByANewerOneAndWithTheAccount(): void
    {
        $give = app(GiveLink::class);
        $wren = self::person('wren');
        $first = $give($wren, null);
        $second = $give($wren, null);
        $this->get("/welcome/{$first}")->assertSee('is too old');
        $this->get("/welcome/{$second}")->assertSee('Welcome, Wren');
        AccountLink::query()->update(['expires_at' => now()->subSecond()]);
        $this->get("/welcome/{$second}")->assertSee('is too old');
        $third = $give($wren, null);
        $wren->update(['closed_at' => now()]);
        $this->get("/welcome/{$third}")->assertSee('is too old');
        $this->get('/welcome/' . str_repeat('x', 43))->assertOk()->assertSee('is too old');
    }

    public function testWhoWorksHereNoMoreIsOutAtOnceAndStaysAuthor(): void
    {
        $wren = self::person('wren');
        $facts = self::check(3)->facts()->count();
        $this->actingAs($wren)->get('/')->assertOk();
        User::query()->whereKey($wren->id)->update(['closed_at' => now()]);
        $this->actingAs($wren->refresh())->get('/')->assertRedirect('/sign-in');
        $this->post('/sign-in', ['login' => 'wren', 'password' => 'market-day'])->assertSessionHasErrors('login');
        self::assertSame($facts, self::check(3)->facts()->count());
        $this->signedIn('ines')->get('/checks/' . self::check(3)->id . '/log')->assertSee('Wren');
    }

    public function testWithoutACoordinatorNobodyIsLeft(): void
    {
        $ines = self::person('ines');
        $this->actingAs($ines)->put("/people/{$ines->id}", ['role' => 'technician'])->assertSessionHas('problem');
        $this->put("/people/{$ines->id}", ['role' => 'coordinator', 'closed' => '1'])->assertSessionHas('problem');
        self::assertSame([Role::Coordinator, null], [$ines->refresh()->role, $ines->closed_at]);
        $odalys = self::person('odalys');
        $this->put("/people/{$odalys->id}", ['role' => 'coordinator', 'certified_until' => '2028-05-01'])->assertSessionMissing('problem');
        $this->put("/people/{$ines->id}", ['role' => 'reader'])->assertSessionMissing('problem');
        self::assertSame([Role::Reader, Role::Coordinator, '2028-05-01'], [$ines->refresh()->role, $odalys->refresh()->role, $odalys->certified_until?->toDateString()]);
        $this->actingAs($ines)->get('/people')->assertForbidden();
    }

    public function testWhatCannotBeOfAPersonIsRefused(): void
    {
        $this->signedIn('ines')->post('/people', ['name' => '', 'login' => 'Wren!', 'role' => 'king', 'certified_until' => 'soon'])->assertSessionHasErrors(['name', 'login', 'role', 'certified_until']);
        $this->post('/people', ['name' => 'W', 'login' => 'wren', 'role' => 'reader'])->assertSessionHasErrors('login');
    }

    /** @return iterable<string, array{string, string|null}> */
    public static function passwords(): iterable
    {
        yield 'words that do not belong together' => [self::PASSWORD, null];
        yield 'nine characters' => ['abcdefgh9', 'short'];
        yield 'ten of one' => ['aaaaaaaaaa', 'simple'];
        yield 'one of the common ones' => ['1234567890', 'common'];
        yield 'a common one with a year' => ['sunshine2024', 'common'];
        yield 'a common one in capitals between strokes' => ['!!PASSWORD!!', 'common'];
        yield 'with their name in it' => ['Wren-is-the-best', 'name'];
        yield 'letters of elsewhere' => ['ñandú-fjord-æsir', null];
    }

    #[DataProvider('passwords')]
    public function testPasswordsAreThoseThatAreNotTriedFirst(string $password, ?string $why): void
    {
        self::assertSame($why, GoodPassword::whyNot($password, 'wren'));
    }

    /** Known again, read by nobody; and what is not among them is not taken for one. */
    public function testCommonPasswordsAreKeptInShort(): void
    {
        $kept = preg_split('/\s+/', trim((string) file_get_contents(app_path('Accounts/Data/common-passwords.txt')))) ?: [];
        self::assertSame([], preg_grep('/\A[0-9a-f]{10}\z/', $kept, PREG_GREP_INVERT));
        self::assertGreaterThan(29_000, count($kept));
        self::assertTrue(CommonPasswords::have('123456'));
        self::assertSame([], array_filter(array_map(static fn(int $n): string => "lantern gravel {$n}", range(1, 2000)), CommonPasswords::have(...)));
    }

    /** RFC 6238, appendix B, the vectors for SHA-1: the secret is "12345678901234567890". */
    public function testCodesAreThoseOfTheStandard(): void
    {
        $secret = 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ';
        $vectors = [59 => '94287082', 1111111109 => '07081804', 1111111111 => '14050471', 1234567890 => '89005924', 2000000000 => '69279037', 20000000000 => '65353130'];
        foreach ($vectors as $time => $code) {
            self::assertSame($code, Totp::code($secret, $time, 8));
            self::assertSame(substr($code, 2), Totp::code($secret, $time));
        }
        self::assertSame(1, preg_match('/\A[A-Z2-7]{32}\z/', Totp::secret()));
        self::assertNotSame(Totp::secret(), Totp::secret());
        $now = 1234567890;
        self::assertSame(intdiv($now, 30), Totp::step($secret, '005924', $now, null));
        self::assertSame(intdiv($now, 30), Totp::step($secret, '005924', $now + 30, null), 'a clock that is late');
        self::assertNull(Totp::step($secret, '005924', $now + 60, null));
        self::assertNull(Totp::step($secret, '005924', $now, intdiv($now, 30)), 'no code is taken twice');
    }

    public function testASecondFactorIsSetUpAskedForAndDoneWithout(): void
    {
        $ines = self::person('ines');
        $this->actingAs($ines)->get('/account')->assertOk()->assertSee('As coordinator you should set one up.');
        $this->post('/account/second')->assertRedirect();
        preg_match('/data-secret="(\w+)"/', (string) $this->get('/account')->assertSee('otpauth://totp/', false)->getContent(), $m);
        $secret = $m[1] ?? '';
        $this->put('/account/second', ['current' => 'market-day', 'code' => '000000'])->assertSessionHasErrors('code');
        $this->put('/account/second', ['current' => 'wrong', 'code' => Totp::code($secret, time())])->assertSessionHasErrors('current');
        self::assertNull($ines->refresh()->totp_secret, 'it counts once the device has shown that it has it');
        $this->put('/account/second', ['current' => 'market-day', 'code' => Totp::code($secret, time())])->assertSessionHasNoErrors();
        $codes = array_values(array_filter((array) session('codes'), is_string(...)));
        self::assertCount(8, $codes);
        $this->get('/account')->assertSee($codes[0])->assertSee('data-second="yes"', false);
        $this->get('/account')->assertDontSee($codes[0]);
        self::assertStringNotContainsString($secret, json_encode(User::query()->whereKey($ines->id)->toBase()->value('totp_secret'), JSON_THROW_ON_ERROR), 'kept encrypted');
        $this->post('/sign-out');

        $begin = fn() => $this->post('/sign-in', ['login' => 'ines', 'password' => 'market-day'])->assertRedirect('/sign-in/second');
        $begin();
        $this->get('/')->assertRedirect('/sign-in');
        $this->post('/sign-in/second', ['code' => '123'])->assertSessionHasErrors('code');
        $this->post('/sign-in/second', ['code' => Totp::code($secret, time())])->assertRedirect('/');
        $this->get('/')->assertOk();
        $this->post('/sign-out');
        $begin();
        $this->post('/sign-in/second', ['code' => Totp::code($secret, time())])->assertSessionHasErrors('code');
        $this->post('/sign-in/second', ['code' => strtoupper($codes[3])])->assertRedirect('/');
        $this->post('/sign-out');
        $begin();
        $this->post('/sign-in/second', ['code' => $codes[3]])->assertSessionHasErrors('code');
        self::assertCount(7, $ines->refresh()->recovery_codes ?? []);
        for ($try = 0; $try < 5; $try++) {
            $this->post('/sign-in/second', ['code' => 'x']);
        }
        self::assertFalse(app(SecondFactor::class)->takes($ines, $codes[5]), 'after some wrong ones none is taken for a while');

        $this->actingAs($ines)->delete('/account/second', ['current' => 'wrong'])->assertSessionHasErrors('current');
        $this->delete('/account/second', ['current' => 'market-day'])->assertSessionHasNoErrors();
        self::assertNull($ines->refresh()->totp_secret);
        $this->post('/sign-out');
        $this->get('/sign-in/second')->assertRedirect('/sign-in');
        $this->post('/sign-in/second', ['code' => '1'])->assertRedirect('/sign-in');
    }

    public function testSecretsAreChangedByWhoKnowsTheOneOfNow(): void
    {
        $this->signedIn()->post('/account', ['current' => 'wrong', 'password' => self::PASSWORD, 'password_confirmation' => self::PASSWORD])->assertSessionHasErrors('current');
        $this->post('/account', ['current' => 'market-day', 'password' => self::PASSWORD, 'password_confirmation' => self::PASSWORD])->assertSessionHasNoErrors();
        $this->post('/account', ['current' => self::PASSWORD, 'pin' => '8642'])->assertSessionHasNoErrors();
        $this->post('/sign-out');
        $this->post('/sign-in', ['login' => 'WREN ', 'password' => self::PASSWORD])->assertRedirect('/');
    }

    /** One name on one address rests; the same name elsewhere and others here do not. */
    public function testTooManyTriesLockNobodyElseOut(): void
    {
        $try = fn(string $login, string $password, string $from) => $this->withServerVariables(['REMOTE_ADDR' => $from])->post('/sign-in', ['login' => $login, 'password' => $password]);
        for ($n = 0; $n < 5; $n++) {
            $try('wren', 'wrong', '10.0.0.1')->assertSessionHasErrors('login');
        }
        $try('wren', 'market-day', '10.0.0.1')->assertSessionHasErrors(['login' => 'Too many tries with this name here. Wait a minute, or ask your coordinator for a new link.']);
        $try('wren', 'market-day', '10.0.0.2')->assertRedirect('/');
        $this->post('/sign-out');
        $try('odalys', 'market-day', '10.0.0.1')->assertRedirect('/');
    }

    /** On a device that several share the person changes by PIN; each fact has its true author; after a while the PIN is asked for again. */
    public function testThePersonChangesByPin(): void
    {
        $this->get('/change')->assertRedirect('/sign-in');
        $this->post('/change', ['login' => 'odalys', 'pin' => '2468'])->assertRedirect('/sign-in');
        $this->post('/sign-in', ['login' => 'wren', 'password' => 'market-day']);
        $this->get('/change')->assertOk()->assertSee('Odalys');
        $this->post('/change', ['login' => 'odalys', 'pin' => '1111'])->assertSessionHasErrors('pin');
        $this->assertAuthenticatedAs(self::person('wren'));
        $this->post('/change', ['login' => 'odalys', 'pin' => '2468'])->assertRedirect('/');
        $this->assertAuthenticatedAs(self::person('odalys'));
        $check = self::check(3);
        $this->answer($check, 'setup.wedge', ['answer' => 'none'])->assertOk();
        self::assertSame('odalys', $check->facts()->reorder('seq', 'desc')->firstOrFail()->author->login);

        $this->post('/change', ['login' => 'ines', 'pin' => '2468'])->assertRedirect();
        $this->get('/people')->assertForbidden();
        $this->get('/')->assertOk()->assertDontSee(route('people'), false);
        $this->post('/change', ['login' => 'odalys', 'pin' => '2468'])->assertRedirect();
        $this->travel(ShortSession::MINUTES - 1)->minutes();
        $this->get('/')->assertOk();
        $this->travel(ShortSession::MINUTES - 1)->minutes();
        $this->get('/')->assertOk();
        $this->travel(ShortSession::MINUTES + 1)->minutes();
        $this->get('/')->assertRedirect('/change');
        $this->assertGuest();
        $this->get('/change')->assertOk();
        $this->post('/change', ['login' => 'wren', 'pin' => '2468'])->assertRedirect('/');
        $this->assertAuthenticatedAs(self::person('wren'));
        $this->post('/sign-out');
        $this->get('/change')->assertRedirect('/sign-in');
    }

    public function testTheFirstCoordinatorOfAnEmptyInstallation(): void
    {
        self::assertSame(1, Artisan::call('buckle:first-coordinator', ['name' => 'Ana']), 'there are people already');
        self::assertSame(0, User::query()->where('name', 'Ana')->count());

        $empty = TestDatabase::bare('empty');
        TestDatabase::run($empty, PHP_BINARY, 'artisan', 'db:seed', '--class=EmptySeeder', '--force', '-q');
        $first = TestDatabase::run($empty, PHP_BINARY, 'artisan', 'buckle:first-coordinator', 'Ana');
        $link = TestDatabase::run($empty, PHP_BINARY, 'artisan', 'buckle:first-coordinator', 'Ana');
        config(['database.connections.pgsql.database' => $empty]);
        DB::purge();
        try {
            $this->get($first)->assertOk()->assertSee('is too old');
            $this->get($link)->assertOk()->assertSee('Welcome, Ana');
            $this->post($link, ['password' => self::PASSWORD, 'password_confirmation' => self::PASSWORD])->assertRedirect('/sign-in');
            $this->post('/sign-in', ['login' => 'coordinator', 'password' => self::PASSWORD])->assertRedirect('/');
            foreach (['/', '/arrive', '/seats', '/seats/new', '/recalls', '/calculators', '/handbook', '/practice', '/bus', '/bus/plan', '/bus/trips', '/people', '/account'] as $page) {
                $this->get($page)->assertOk();
            }
            self::assertSame(1, Artisan::call('buckle:first-coordinator', ['name' => 'Eve']));
        } finally {
            DB::purge();
        }
    }
}
