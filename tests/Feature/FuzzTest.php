<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Booking;
use App\Models\BusLayout;
use App\Models\BusTrip;
use App\Models\Check;
use App\Models\PracticeAttempt;
use App\Models\PracticeSet;
use App\Models\RecallList;
use App\Models\SeatModel;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Routing\Route;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Whatever is sent wherever: never our fault (5xx), always a page in the reader's language and under the same headers. */
final class FuzzTest extends FeatureTestCase
{
    use EveryRoute;

    private const VERBS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutMiddleware(\Illuminate\Routing\Middleware\ThrottleRequests::class);
    }

    /** @return iterable<string, array{mixed}> what every field of every form is filled with */
    public static function poisons(): iterable
    {
        yield 'a list where text is meant' => [['x', ['y' => 'z']]];
        yield 'a list of lists by name' => [['a' => ['b' => ['c' => 'd']]]];
        yield 'a NUL' => ["a\0b"];
        yield 'bytes that are no UTF-8' => ["\xC3\x28"];
        yield 'a surrogate in UTF-8' => ["\xED\xA0\x80"];
        yield '40 kB' => [str_repeat('0123456789', 4000)];
        yield 'a huge number' => ['99999999999999999999999999'];
        yield 'a negative number' => ['-1'];
        yield 'a number with an exponent' => ['1e309'];
        yield 'words of SQL' => ["'; drop table facts; --"];
        yield 'words of a pattern' => ['%_\\(.*)+{7}['];
        yield 'nothing' => [''];
        yield 'an id' => ['019ac000-0000-7000-8000-000000000004'];
    }

    #[DataProvider('poisons')]
    public function testNoFieldBreaksARoute(mixed $poison): void
    {
        $this->signedIn('ines');
        $said = array_fill_keys(self::fields(), $poison);
        $bad = [];
        foreach (self::routes() as $route) {
            foreach (array_intersect(self::VERBS, $route->methods()) as $verb) {
                $answer = $this->call($verb, self::address($route), $said, [], [], $verb === 'POST' ? ['HTTP_HX_REQUEST' => 'true'] : []);
                $bad = [...$bad, ...self::wrong("{$verb} {$route->uri()}", $answer)];
                $this->signedIn('ines');
            }
        }
        self::assertSame([], $bad);
    }

    /** Every field among others that are as they should be, half of them at a time: what a check of all together would hide. */
    public function testNoHalfOfTheFieldsBreaksARoute(): void
    {
        $this->signedIn('ines');
        $good = ['id' => (string) Str::uuid7(), 'phase' => 'left', 'key' => 'setup.angle', 'title' => 'x', 'reason' => 'x', 'field' => 'anchors'];
        $bad = [];
        foreach (self::routes() as $route) {
            if (! in_array('POST', $route->methods(), true) || $route->getName() === 'sessions.destroy') {
                continue;
            }
            for ($half = 0; 1 << intdiv($half, 2) < count(self::fields()); $half++) {
                $chosen = array_filter(self::fields(), static fn(int $n): bool => ($n >> intdiv($half, 2) & 1) === $half % 2, ARRAY_FILTER_USE_KEY);
                $answer = $this->post(self::address($route), array_fill_keys($chosen, ['x', ['y']]) + ['id' => (string) Str::uuid7()] + $good);
                $bad = [...$bad, ...self::wrong("{$route->uri()} half {$half}", $answer)];
            }
        }
        self::assertSame([], $bad);
    }

    public function testNoAddressBreaksARoute(): void
    {
        $this->signedIn('ines');
        $ids = ['0', '-1', 'x', '999999999999999999', '9999999999999999999999', '1e3', '1.5', '%00', '%C3%28', '%ED%A0%80', '019ac000-0000-7000-8000-00000000000g', '00000000-0000-0000-0000-000000000000', '..%2F..%2Fetc', '%2e%2e', "1'%20or%201=1", str_repeat('9', 3000), '%F0%9F%9A%97'];
        $bad = [];
        foreach (self::routes() as $route) {
            foreach ($route->parameterNames() === [] ? [] : $ids as $id) {
                $address = (string) preg_replace('/\{\w+\??\}/', $id, "/{$route->uri()}");
                foreach (array_intersect(self::VERBS, $route->methods()) as $verb) {
                    $bad = [...$bad, ...self::wrong("{$verb} {$address}", $this->call($verb, $address, ['id' => (string) Str::uuid7()]))];
                }
            }
        }
        self::assertSame([], $bad);
    }

    public function testAWrongVerbIsSaidInTheReadersLanguage(): void
    {
        $this->signedIn('ines');
        $bad = [];
        foreach (self::routes() as $route) {
            foreach (array_diff(self::VERBS, $route->methods()) as $verb) {
                $bad = [...$bad, ...self::wrong("{$verb} {$route->uri()}", $this->call($verb, self::address($route)))];
            }
        }
        self::assertSame([], $bad);
        $this->flushSession();
        auth()->logout();
        foreach (['es' => 'Así no se hace', 'en' => 'Not done this way'] as $language => $told) {
            $this->withHeaders(['Accept-Language' => $language])->delete('/sign-in')->assertStatus(405)->assertSee($told)->assertHeader('X-Frame-Options', 'DENY');
            $this->withHeaders(['Accept-Language' => $language])->get('/sign-in?login=' . urlencode("\xC3\x28"))->assertStatus(400)->assertSee($language === 'es' ? 'Eso no se puede leer' : 'That cannot be read');
        }
        $this->flushHeaders();
        $this->withUnencryptedCookie('language', 'es')->get('/nowhere')->assertNotFound()->assertSee('lang="es"', false);
    }

    public function testTenMegabytesAreTakenOrRefused(): void
    {
        $this->signedIn('ines');
        $large = str_repeat('0123456789', 1_048_576);
        $bad = [];
        foreach (self::routes() as $route) {
            if (in_array('POST', $route->methods(), true)) {
                $answer = $this->post(self::address($route), ['answer' => $large] + ['id' => (string) Str::uuid7(), 'phase' => 'left']);
                $bad = [...$bad, ...self::wrong($route->uri(), $answer)];
            }
        }
        self::assertSame([], $bad);
    }

    /** A name is a file's too. */
    public function testAnUploadedFilesNameIsText(): void
    {
        $file = \Illuminate\Http\UploadedFile::fake()->createWithContent("a\0.json", '{}');
        $this->signedIn('ines')->post('/seats/file', ['file' => new \Illuminate\Http\UploadedFile($file->getPathname(), "a\xC3\x28.json", null, null, true)])->assertStatus(400);
    }

    /**
     * @param TestResponse<\Symfony\Component\HttpFoundation\Response> $answer
     * @return list<string> of what is wrong with an answer
     */
    private static function wrong(string $asked, TestResponse $answer): array
    {
        $status = $answer->getStatusCode();
        $page = $answer->baseResponse instanceof \Symfony\Component\HttpFoundation\StreamedResponse ? '' : (string) $answer->getContent();
        $faults = [
            'fault' => $status >= 500,
            'no security headers' => $answer->headers->get('X-Content-Type-Options') !== 'nosniff',
            'no page of ours' => $status >= 400 && $status !== 422 && ! str_contains($page, 'Mint Buckle') && $page !== '',
            'a key for a word' => preg_match('/>\s*(?:errors|validation|refused)\.[a-z0-9_.]+\s*</', $page) === 1,
        ];

        return array_map(static fn(string $what): string => Str::limit($asked, 120) . " {$status}: {$what} " . Str::limit($answer->exception?->getMessage() ?? '', 120), array_keys(array_filter($faults)));
    }

    /** @param class-string<Model> $of */
    private static function first(string $of): string
    {
        $id = $of::query()->value('id');

        return is_int($id) || is_string($id) ? (string) $id : (string) Str::uuid();
    }

    /** An address of something that is there. */
    private static function address(Route $route): string
    {
        $check = self::check(3);
        $there = [
            'visit' => (string) self::visit(3)->id,
            'event' => (string) self::visit(3)->checkup_event_id,
            'check' => $check->id,
            'model' => self::first(SeatModel::class),
            'list' => self::first(RecallList::class),
            'layout' => self::first(BusLayout::class),
            'trip' => self::first(BusTrip::class),
            'fact' => (string) $check->facts()->firstOrFail()->id,
            'place' => '2L', 'phase' => 'left', 'station' => 'measure', 'performer' => 'technician', 'form' => 'csv',
            'calculator' => 'wedge', 'kind' => 'slip', 'item' => '0', 'import' => '1', 'rest' => '',
            'attempt' => self::first(PracticeAttempt::class),
            'set' => self::first(PracticeSet::class),
            'booking' => self::first(Booking::class),
            'file' => (string) Str::uuid(),
            'photo' => (string) Str::uuid(),
        ];

        return self::addressOf($route, $there);
    }
}
