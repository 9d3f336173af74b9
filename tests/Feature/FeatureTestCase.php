<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\User;
use App\Models\Visit;
use App\Organisations\CurrentOrganisation;
use App\Organisations\Door;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\ParallelTesting;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use MintBuckle\Core\Record\InspectionPhase;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestDatabase;

/** The application on its own test database, with the demo in it. */
abstract class FeatureTestCase extends TestCase
{
    use RefreshDatabase;
    protected const DEMO_VISITS = 15;

    /** Artisan runs for real: no mocks in these tests. */
    public $mockConsoleOutput = false;

    protected bool $seed = true;

    private ?int $organisation = null;

    public function createApplication(): Application
    {
        if (! RefreshDatabaseState::$migrated) {
            // A copy of the seeded demo stands for migrating and seeding once more.
            $_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = TestDatabase::copy('feature' . getmypid());
            RefreshDatabaseState::$migrated = true;
        }
        $app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
        assert($app instanceof Application);
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        // Where files are faked: a folder a process, for runs that go on at once.
        ParallelTesting::resolveTokenUsing(static fn(): string => (getenv('TEST_RUN') ?: '0') . '_' . getmypid());
        $this->withoutVite();
        $this->within(Door::Only);
    }

    /** Goes on in an organisation; what a request enters is left when it was answered. */
    protected function within(Door $door, int|string $key = ''): void
    {
        self::assertTrue(resolve(CurrentOrganisation::class)->enter($door, $key));
        $this->organisation = resolve(CurrentOrganisation::class)->id();
    }

    private function goOn(): void
    {
        if ($this->organisation !== null && $this->organisation !== resolve(CurrentOrganisation::class)->id()) {
            $this->within(Door::Organisation, $this->organisation);
        }
    }

    /**
     * @param array<mixed> $parameters
     * @param array<mixed> $cookies
     * @param array<mixed> $files
     * @param array<mixed> $server
     * @return TestResponse<Response>
     */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null): TestResponse
    {
        try {
            return parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
        } finally {
            $this->goOn();
        }
    }

    protected function signedIn(string $login = 'wren'): static
    {
        return $this->actingAs(User::query()->where('login', $login)->firstOrFail());
    }

    protected static function visit(int $ticket): Visit
    {
        return CheckupEvent::current()->visits()->where('ticket', $ticket)->with('checks.visit.event.recallList')->firstOrFail();
    }

    protected static function check(int $ticket, string $letter = 'A'): Check
    {
        return CheckupEvent::current()->checks()->where('letter', $letter)->where('ticket', $ticket)->firstOrFail();
    }

    /**
     * @param array<string, mixed> $answer
     * @return TestResponse<Response>
     */
    protected function answer(Check $check, string $key, array $answer, InspectionPhase $phase = InspectionPhase::Left, ?string $id = null, string $station = 'measure', bool $htmx = true): TestResponse
    {
        return $this->post("/checks/{$check->id}/facts/{$station}", $answer + ['id' => $id ?? Str::uuid7()->toString(), 'key' => $key, 'phase' => $phase->value], $htmx ? ['HX-Request' => 'true'] : []);
    }
}
