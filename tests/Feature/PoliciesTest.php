<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Role;
use App\Models\Booking;
use App\Models\BusLayout;
use App\Models\BusTrip;
use App\Models\Photo;
use App\Models\PracticeCopy;
use App\Models\RecallList;
use App\Models\SeatModel;
use App\Models\User;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every address against every role, by a table of its own: nothing is open by oversight, and nobody is shut out of their work. */
final class PoliciesTest extends FeatureTestCase
{
    private const ALL = ['reader', 'trainee', 'technician', 'senior', 'coordinator'];

    private const WRITES = ['trainee', 'technician', 'senior', 'coordinator'];

    private const ANSWERS_FOR = ['technician', 'senior', 'coordinator'];

    /** Open to people without an account: they ask for themselves who comes. */
    private const OPEN = ['sheet', 'sheet.calendar', 'family', 'family.store', 'language', 'units', 'practice.class.show', 'practice.class.begin', 'practice.show', 'practice.look', 'practice.name', 'practice.mend', 'practice.aside', 'practice.end', 'login', 'sessions.store', 'sessions.second', 'sessions.confirm', 'welcome', 'welcome.store', 'change', 'change.store', 'GET up', 'GET {fallbackPlaceholder}', 'storage.local', 'storage.local.upload'];

    /** One's own. */
    private const OWN = ['sessions.destroy', 'account', 'account.record', 'account.export', 'account.update', 'account.second', 'account.second.confirm', 'account.second.end'];

    private const READ = ['event', 'events.index', 'events.choose', 'event.live', 'kit', 'findings', 'findings.checks', 'search', 'visits.car', 'visits.sheet', 'visits.pdf', 'visits.calendar', 'seats.index', 'seats.export', 'seats.show', 'stand-ins.labels', 'stand-ins.manual', 'recalls', 'recalls.export', 'handbook', 'bus.index', 'bus.vest', 'bus.trips', 'bus.trips.show', 'checks.case', 'checks.practices', 'calculators.practices', 'practices.file', 'practices.compare', 'checks.log', 'photos.show', 'calculators.index', 'calculators.sheet', 'calculators.show', 'practice', 'practice.store', 'practice.quiz', 'practice.order', 'GET yard', 'GET shelf/{rest?}', 'GET finders/{rest?}'];

    private const ANSWERED_FOR = ['follow-ups', 'follow-ups.told', 'checks.amend', 'POST checks/{check}/amend', 'visits.departure', 'POST visits/{visit}/departure', 'recalls.told', 'bus.trips.sign', 'seats.create', 'seats.store', 'seats.drawing', 'seats.import', 'seats.edit', 'seats.correct', 'recalls.imports.store', 'recalls.imports.show', 'recalls.imports.update', 'recalls.imports.destroy', 'recalls.feed', 'practice.class.create', 'practice.class.store', 'practice.class.sheet', 'practice.class.together'];

    private const MANAGED = ['events.cases', 'findings.file', 'findings.hand-on', 'practices.index', 'practices.create', 'practices.store', 'practices.edit', 'practices.update', 'kit.minima', 'events.create', 'events.store', 'events.capacity', 'events.edit', 'events.update', 'events.open', 'events.close', 'people', 'people.store', 'people.update', 'people.link', 'organisation.update', 'practice.class.check'];

    private const WRITTEN = ['visits.adults', 'visits.consent', 'visits.consent.store', 'paper', 'checks.paper', 'visits.create', 'visits.seats', 'visits.cars', 'visits.label', 'visits.remarks', 'visits.look', 'visits.store', 'visits.bay', 'visits.technician', 'visits.before', 'bookings', 'bookings.store', 'bookings.list', 'bookings.remind', 'bookings.file.store', 'bookings.file', 'bookings.file.take', 'bookings.arrive', 'bookings.link', 'bookings.cancel', 'stand-ins.mail', 'kit.store', 'visits.seat', 'visits.layout', 'visits.place', 'visits.language', 'checks.label', 'checks.label.store', 'checks.seat', 'checks.seat.store', 'checks.instead', 'POST checks/{check}/instead', 'checks.manual', 'POST checks/{check}/manual', 'calculators.check', 'bus.plan', 'POST bus/plan', 'bus.layouts.create', 'bus.layouts.store', 'bus.layouts.edit', 'bus.layouts.update', 'bus.layouts.roster', 'bus.layouts.use', 'bus.trips.store', 'bus.trips.again', 'bus.trips.initials', 'bus.trips.mark', 'bus.checks.store', 'checks.card', 'checks.show', 'facts.store', 'looks.store', 'undo.store', 'photos.store', 'photos.destroy', 'tries.store', 'names.store', 'declines.store', 'card.store'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutMiddleware(ThrottleRequests::class);
    }

    /** @return list<string>|null roles that may; null where nobody is asked who they are */
    private static function mayBy(string $name): ?array
    {
        return match (true) {
            in_array($name, self::OPEN, true) => null,
            in_array($name, [...self::OWN, ...self::READ], true) => self::ALL,
            in_array($name, self::WRITTEN, true) => self::WRITES,
            in_array($name, self::ANSWERED_FOR, true) => self::ANSWERS_FOR,
            in_array($name, self::MANAGED, true) => ['coordinator'],
            default => [],
        };
    }

    /** @return list<array{string, string, string}> name, verb, address */
    private static function addresses(): array
    {
        $check = self::check(3);
        $there = [
            'visit' => (string) self::visit(3)->id, 'event' => (string) self::visit(3)->checkup_event_id, 'check' => $check->id, 'model' => (string) SeatModel::query()->firstOrFail()->id,
            'list' => (string) RecallList::query()->firstOrFail()->id, 'layout' => (string) BusLayout::query()->firstOrFail()->id,
            'trip' => BusTrip::query()->firstOrFail()->id, 'fact' => $check->facts()->firstOrFail()->id, 'person' => (string) User::query()->where('login', 'odalys')->firstOrFail()->id,
            'copy' => (string) PracticeCopy::query()->create(['name' => 'harbour', 'base' => 'us', 'figures' => [], 'sources' => [], 'kept_by' => User::query()->firstOrFail()->id])->id, 'place' => '2L', 'phase' => 'left', 'station' => 'measure', 'performer' => 'technician', 'form' => 'csv', 'calculator' => 'wedge', 'kind' => 'slip', 'about' => 'expires', 'rest' => '',
            'attempt' => (string) Str::uuid(), 'set' => (string) Str::uuid(), 'photo' => (string) (Photo::query()->first()->id ?? Str::uuid()), 'import' => '1', 'item' => '0', 'token' => str_repeat('x', 43), 'family' => str_repeat('x', 32), 'sheet' => str_repeat('x', 32), 'booking' => (string) (Booking::query()->first()->id ?? Str::uuid()), 'file' => (string) Str::uuid(),
        ];
        $addresses = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            foreach (array_diff($route->methods(), ['HEAD', ...($route->uri() === 'yard' ? ['POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'] : [])]) as $verb) {
                $addresses[] = [
                    $route->getName() ?? "{$verb} {$route->uri()}",
                    $verb,
                    '/' . preg_replace_callback('/\{(\w+)\??\}/', static fn(array $m): string => $there[$m[1]] ?? 'x', $route->uri()),
                ];
            }
        }

        return $addresses;
    }

    public function testEveryAddressIsInTheTable(): void
    {
        $unknown = array_filter(self::addresses(), static fn(array $a): bool => self::mayBy($a[0]) === []);
        self::assertSame([], array_values(array_unique(array_column($unknown, 0))));
    }

    /** @return iterable<string, array{string}> */
    public static function roles(): iterable
    {
        foreach (self::ALL as $role) {
            yield $role => [$role];
        }
    }

    #[DataProvider('roles')]
    public function testEachRoleIsLetInWhereItWorksAndNowhereElse(string $role): void
    {
        $person = User::query()->create(['login' => "a-{$role}", 'name' => $role, 'role' => Role::from($role), 'password' => 'x'])->refresh();
        $wrong = [];
        foreach (self::addresses() as [$name, $verb, $address]) {
            $may = self::mayBy($name);
            if ($may === null || $name === 'sessions.destroy') {
                continue;
            }
            $status = $this->actingAs($person)->call($verb, $address)->getStatusCode();
            if (($status === 403) === in_array($role, $may, true)) {
                $wrong[] = "{$verb} {$address} ({$name}): {$status}";
            }
        }
        self::assertSame([], $wrong);
    }

    public function testNobodyIsLetInWithoutAnAccount(): void
    {
        foreach (self::addresses() as [$name, $verb, $address]) {
            if (self::mayBy($name) !== null) {
                $answer = $this->call($verb, $address);
                self::assertSame([302, url('/sign-in')], [$answer->getStatusCode(), $answer->headers->get('Location')], "{$verb} {$address}");
            }
        }
    }

    public function testAnAddressThatWasForgottenIsClosed(): void
    {
        Routes::middleware(['web', 'auth', \App\Http\Middleware\AsksForAnAbility::class])->get('/forgotten', static fn(): string => 'open');
        $this->signedIn('ines')->get('/forgotten')->assertForbidden();
    }

    public function testATraineeWritesAndSignsNothing(): void
    {
        $person = User::query()->create(['login' => 'tam', 'name' => 'Tam', 'role' => Role::Trainee, 'password' => 'x'])->refresh();
        $check = self::check(3);
        $this->actingAs($person)->answer($check, 'setup.wedge', ['answer' => 'none'])->assertOk();
        $this->answer($check, 'handover.checker', ['answer' => 'sign'], station: 'handover')->assertStatus(422)->assertSee('Only a technician');
        $this->answer($check, 'handover.checker', ['answer' => 'sign', 'signer' => 'wren', 'pin' => '2468'], station: 'handover')->assertOk();
        self::assertSame('wren', $check->facts()->where('key', 'handover.checker')->reorder('seq', 'desc')->firstOrFail()->author->login);
        $this->get('/')->assertOk()->assertSee('A family arrives');
        $reader = User::query()->create(['login' => 'rea', 'name' => 'Rea', 'role' => Role::Reader, 'password' => 'x'])->refresh();
        $this->actingAs($reader)->get('/')->assertOk()->assertDontSee('A family arrives')->assertSee("/checks/{$check->id}/log", false);
        $this->get("/checks/{$check->id}/log")->assertOk();
    }
}
