<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\User;
use App\Models\VehicleLayout;
use App\Models\Visit;
use App\Visits\Arrival;
use App\Visits\ArrivingChild;
use App\Visits\CompleteVisit;
use App\Visits\ReceiveFamily;
use App\Visits\TakeToBay;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/** Tickets, bays, leaving; and what the database itself refuses. */
final class QueueTest extends FeatureTestCase
{
    public function testTicketsCountUp(): void
    {
        $receive = app(ReceiveFamily::class);
        $tickets = array_map(fn(int $i): int => $receive(CheckupEvent::current(), self::arrival("Family {$i}"), $this->wren())->ticket, range(1, 3));

        self::assertSame([self::DEMO_VISITS + 1, self::DEMO_VISITS + 2, self::DEMO_VISITS + 3], $tickets);
    }

    public function testAnotherDayBeginsAtOne(): void
    {
        $event = CheckupEvent::current()->replicate();
        $event->held_on = $event->held_on->addDay();
        $event->save();

        self::assertSame(1, app(ReceiveFamily::class)($event, self::arrival('Early'), $this->wren())->ticket);
    }

    public function testBaysFillFromTheLowest(): void
    {
        $take = fn(Visit $visit): int => app(TakeToBay::class)($visit, $this->wren());
        $visits = CheckupEvent::current()->visits()->whereIn('ticket', [7, 8])->orderBy('ticket')->get()->all();

        self::assertSame([6, 7], array_map($take(...), $visits));
        self::assertSame([6, 7], array_map($take(...), $visits), 'a family that has a bay keeps it');
    }

    public function testABayThatIsLeftIsFreeAgain(): void
    {
        app(CompleteVisit::class)(CheckupEvent::current()->visits()->where('ticket', 4)->firstOrFail(), $this->wren(), reason: 'another seat today', second: User::query()->where('login', 'odalys')->firstOrFail());

        self::assertSame(2, app(TakeToBay::class)(CheckupEvent::current()->visits()->where('ticket', 7)->firstOrFail(), $this->wren()));
    }

    public function testLeavingSignsEveryCheckWhole(): void
    {
        app(CompleteVisit::class)(CheckupEvent::current()->visits()->where('ticket', 4)->firstOrFail(), $this->wren(), reason: 'another seat today', second: User::query()->where('login', 'odalys')->firstOrFail());
        $checks = Check::query()->whereHas('visit', static fn($visit) => $visit->where('ticket', 4))->orderBy('letter')->get();

        self::assertSame(['do_not_use', 'fix_first'], $checks->map(static fn(Check $c): mixed => $c->assessment['verdict'] ?? null)->all());
        self::assertSame(['2026.1', '2026.1'], $checks->pluck('rulebook')->all());
        self::assertStringContainsString('expiry.passed', json_encode($checks[0]->assessment ?? [], JSON_THROW_ON_ERROR));
    }

    /** @return iterable<string, array{string, string}> statement, the constraint that refuses it */
    public static function refused(): iterable
    {
        yield 'a role there is not' => ["UPDATE users SET role = 'owner'", 'users_role'];
        yield 'a practice there is not' => ["UPDATE checkup_events SET practice = 'eu', crash_policy = 'strict'", 'checkup_events_practice'];
        yield 'minor crashes outside the us practice' => ["UPDATE checkup_events SET practice = 'nz'", 'checkup_events_crash'];
        yield 'leaving before arriving' => ["UPDATE visits SET left_at = arrived_at - interval '1 hour'", 'visits_left'];
        yield 'two families on one ticket' => ['UPDATE visits SET ticket = 1', 'visits_checkup_event_id_ticket_unique'];
        yield 'half a signature' => ['UPDATE checks SET signed_at = now() WHERE signed_at IS NULL', 'checks_signed_whole'];
        yield 'two children of one letter' => ["UPDATE checks SET letter = 'A'", 'checks_visit_id_letter_unique'];
        yield 'a phase there is not' => ["INSERT INTO facts (id, check_id, phase, key, observed_at, recorded_at, recorded_by) SELECT gen_random_uuid(), id, 'lost', 'x', now(), now(), 1 FROM checks LIMIT 1", 'facts_phase'];
        yield 'a fact of nobody' => ["INSERT INTO facts (id, check_id, phase, key, observed_at, recorded_at, recorded_by) SELECT gen_random_uuid(), id, 'left', 'x', now(), now(), 999 FROM checks LIMIT 1", 'facts_recorded_by_foreign'];
        yield 'a check that has facts' => ['DELETE FROM checks WHERE signed_at IS NULL', 'facts'];
        yield 'a signed check gone' => ['DELETE FROM checks WHERE signed_at IS NOT NULL', 'a signed check stays as it is'];
        yield 'a signed check told otherwise' => ["UPDATE checks SET assessment = '{}' WHERE signed_at IS NOT NULL", 'a signed check stays as it is'];
        yield 'a signature taken back' => ['UPDATE checks SET signed_at = NULL, signed_by = NULL, rulebook = NULL, assessment = NULL', 'a signed check stays as it is'];
        yield 'a fact otherwise' => ["UPDATE facts SET value = '1'", 'permission denied for table facts'];
        yield 'a fact gone' => ['DELETE FROM facts', 'permission denied for table facts'];
        yield 'all facts gone' => ['TRUNCATE facts CASCADE', 'permission denied for table facts'];
        yield 'a trigger gone' => ['ALTER TABLE facts DISABLE TRIGGER ALL', 'must be owner of table facts'];
        yield 'a table of its own' => ['CREATE TABLE mine (id int)', 'permission denied for schema public'];
        yield 'a seat model twice' => ['INSERT INTO seat_models (maker, model, kind, rules) SELECT maker, model, kind, rules FROM seat_models LIMIT 1', 'seat_models_organisation_id_maker_model_version_unique'];
    }

    #[DataProvider('refused')]
    public function testTheDatabaseRefusesWhatMustNeverBe(string $statement, string $constraint): void
    {
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage($constraint);
        DB::statement($statement);
    }

    public function testEveryListHasItsIndex(): void
    {
        /** @var list<object{indexdef: string}> $rows */
        $rows = DB::select("SELECT indexdef FROM pg_indexes WHERE schemaname = 'public'");
        $indexes = implode("\n", array_column($rows, 'indexdef'));

        self::assertStringContainsString('(check_id, seq)', $indexes, 'facts of a check in order');
        self::assertStringContainsString('(checkup_event_id, left_at, ticket)', $indexes, 'the event');
    }

    private function wren(): User
    {
        return User::query()->where('login', 'wren')->firstOrFail();
    }

    private static function arrival(string $name): Arrival
    {
        $child = new ArrivingChild(null, ['child.weight' => ['value' => 20, 'unit' => 'lb'], 'setup.mode' => 'rear_harness', 'setup.position' => '2L']);

        return new Arrival(Str::uuid7()->toString(), $name, null, 'Halven Sound', 2018, new VehicleLayout(['name' => 'A car', 'positions' => [['name' => '2L']]]), [$child], 'en');
    }
}
