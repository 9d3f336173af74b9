<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Logging\WithoutPersons;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Database\QueryException;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\View\ViewException;
use Monolog\Level;
use Monolog\LogRecord;
use RuntimeException;

/** What keeps the application going, and what it lets others see of people. */
final class UpkeepTest extends FeatureTestCase
{
    public function testItIsUpOnlyWithItsWorker(): void
    {
        $this->get('/up')->assertOk();
        config(['queue.default' => 'database']);
        Cache::flush();
        $this->get('/up')->assertStatus(500);
        event(new Looping('database', 'default'));
        $this->get('/up')->assertOk();
        $this->travel(20)->seconds();
        $this->get('/up')->assertStatus(500);
    }

    public function testWhatAKilledWorkerLeftWaitsAgain(): void
    {
        $job = ['queue' => 'default', 'payload' => '{}', 'attempts' => 1, 'available_at' => time(), 'created_at' => time()];
        DB::table('jobs')->insert([$job + ['reserved_at' => time()], $job + ['reserved_at' => null]]);
        self::assertSame(0, Artisan::call('buckle:take-over'));
        self::assertSame(2, DB::table('jobs')->whereNull('reserved_at')->count());
    }

    /** Too slow, or held by somebody else: said so, nothing kept, to be tried again. */
    public function testABusyDatabaseIsToldSo(): void
    {
        Route::middleware('web')->get('/slow', static function (): string {
            DB::statement("set local statement_timeout = '50ms'");
            DB::select('select pg_sleep(1)');

            return 'never';
        });
        User::query()->where('login', 'wren')->update(['language' => 'es']);
        $this->signedIn()->get('/slow')->assertStatus(503)->assertHeader('Retry-After', '2')->assertSee('Otra persona está escribiendo ahí')->assertHeader('X-Content-Type-Options', 'nosniff');
    }

    public function testPagesThatNameAChildStayInNoCache(): void
    {
        foreach (['/', '/visits/' . self::visit(3)->id . '/sheet', '/checks/' . self::check(3)->id . '/log'] as $page) {
            self::assertStringContainsString('no-store', (string) $this->signedIn()->get($page)->assertOk()->headers->get('Cache-Control'));
        }
    }

    public function testTheLogHoldsNobodysName(): void
    {
        try {
            DB::table('users')->insert(['login' => 'wren', 'name' => 'Marisol Quintrell', 'role' => 'reader', 'password' => 'x']);
            self::fail('a name twice');
        } catch (QueryException $e) {
            self::assertStringContainsString('Marisol', $e->getMessage(), 'the framework would log it');
            foreach ([$e, new ViewException('in a view', 0, 1, '', 0, $e)] as $thrown) {
                $record = WithoutPersons::of(new LogRecord(new DateTimeImmutable(), 'x', Level::Error, $thrown->getMessage(), ['exception' => $thrown, 'userId' => 3]));
                $logged = json_encode([$record->message, $record->context], JSON_THROW_ON_ERROR);
                self::assertStringNotContainsString('Marisol', $logged);
                self::assertStringContainsString('23505', $logged);
                self::assertStringContainsString('insert into', $logged);
                self::assertSame(3, $record->context['userId']);
            }
        }
        $other = new LogRecord(new DateTimeImmutable(), 'x', Level::Error, 'said', ['exception' => new RuntimeException('said')]);
        self::assertSame($other, WithoutPersons::of($other));
    }

    public function testTheServersOwnErrorsAreMadeBeforehand(): void
    {
        $folder = sys_get_temp_dir() . '/errors' . getmypid();
        self::assertSame(0, Artisan::call('buckle:error-pages', ['folder' => $folder]));
        foreach (['en' => 'Starting again', 'es' => 'Arrancando de nuevo'] as $language => $told) {
            $page = (string) file_get_contents("{$folder}/{$language}/502.html");
            self::assertStringContainsString($told, $page);
            self::assertStringContainsString("<html lang=\"{$language}\">", $page);
        }
        array_map(unlink(...), glob("{$folder}/*/*") ?: []);
        array_map(rmdir(...), [...glob("{$folder}/*") ?: [], $folder]);
    }
}
