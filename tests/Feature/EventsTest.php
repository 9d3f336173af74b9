<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Events\EventState;
use App\Models\CheckupEvent;
use App\Models\RecallList;
use App\Models\User;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use MintBuckle\Core\CaseFile\Reader;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;

/** Events are planned, opened, closed; several at once never mix; whose certificate ended signs nothing. */
final class EventsTest extends FeatureTestCase
{
    /** Each line is a case by its schema, and judged as the check is. */
    public function testTheChecksOfAnEventGoOutAsCaseFiles(): void
    {
        $event = CheckupEvent::current();
        $file = (string) $this->signedIn('ines')->get("/events/{$event->id}/cases.jsonl")->assertOk()->assertHeader('Content-Type', 'application/jsonl')->getContent();
        $lines = explode("\n", rtrim($file));
        self::assertCount($event->checks()->count(), $lines);
        self::assertStringNotContainsString('Maren', $file);
        $schema = (string) file_get_contents(base_path('docs/schema/case.schema.json'));
        foreach ($lines as $line) {
            self::assertTrue((new Validator())->validate(json_decode($line), $schema)->isValid(), $line);
            Reader::read($line);
        }
        $this->get('/events')->assertSee('data-cases', false);
        $this->signedIn()->get("/events/{$event->id}/cases.jsonl")->assertForbidden();
    }

    /** @return array<string, mixed> */
    private static function plan(string $name = 'Spring fair'): array
    {
        return [
            'name' => $name, 'place' => 'The old net loft', 'held_on' => CarbonImmutable::now()->addMonth()->toDateString(), 'opens_at' => '10:00', 'closes_at' => '14:00',
            'timezone' => 'America/New_York', 'bays' => '4', 'minutes_per_seat' => '30', 'expected_seats' => '24', 'practice' => 'nz', 'crash_policy' => 'strict',
            'law' => ['law_rear_facing_until_months' => '24', 'law_rear_facing_until_weight' => '9.5'], 'weight_unit' => 'kg',
            'law_sources' => ['law_rear_facing_until_months' => 'Act 7, section 2', 'law_rear_facing_until_weight' => 'Act 7, section 3', 'law_booster_until_months' => 'no figure, no source'],
            'crew' => [(string) self::person('wren')->id, (string) self::person('odalys')->id, '99999'],
        ];
    }

    private static function person(string $login): User
    {
        return User::query()->where('login', $login)->firstOrFail();
    }

    private static function planned(string $name = 'Spring fair'): CheckupEvent
    {
        return CheckupEvent::query()->where('name', $name)->firstOrFail();
    }

    public function testAnEventIsPlannedOpenedAndClosed(): void
    {
        $today = CheckupEvent::current();
        $this->signedIn('ines')->get('/events')->assertOk()->assertSee('Harvest market')->assertSee('You work here');
        $this->get('/events/new')->assertOk()->assertSee('Island ordinance 12', false);
        $this->post('/events', self::plan())->assertSessionHasNoErrors()->assertRedirect();
        $event = self::planned();
        self::assertSame(['nz', 'strict', 4, 24, '10:00:00', EventState::Planned, $today->recall_list_id], [$event->practice, $event->crash_policy, $event->bays, $event->expected_seats, $event->opens_at, $event->state(), $event->recall_list_id]);
        self::assertEquals(['rear_facing_until_months' => 24, 'rear_facing_until_weight' => (object) ['value' => 9.5, 'unit' => 'kg']], $event->law());
        self::assertSame(['law_rear_facing_until_months', 'law_rear_facing_until_weight'], array_keys($event->law_sources));
        self::assertSame(['Odalys', 'Wren'], $event->crew->pluck('name')->all());
        self::assertTrue($today->is(CheckupEvent::current()), 'what is only planned is not worked at');
        $this->get("/events/{$event->id}/edit")->assertOk()->assertSee('Act 7, section 2')->assertSee('value="10:00"', false);
        $this->put("/events/{$event->id}", ['name' => 'Summer fair', 'crew' => []] + self::plan())->assertSessionHasNoErrors();
        self::assertSame(['Summer fair', []], [$event->refresh()->name, $event->crewIds()]);

        $this->post("/events/{$event->id}/open")->assertRedirect('/events');
        self::assertTrue($event->is(CheckupEvent::current()), 'the latest that is open');
        $this->post("/events/{$today->id}/choose")->assertRedirect('/');
        $this->get('/')->assertSee('Harvest market');
        $this->post("/events/{$event->id}/close")->assertRedirect('/events')->assertSessionMissing('problem');
        self::assertSame(EventState::Closed, $event->refresh()->state());
        $this->post("/events/{$event->id}/open");
        self::assertSame(EventState::Open, $event->refresh()->state());
    }

    public function testAnEventWithFamiliesIsNotClosed(): void
    {
        $today = CheckupEvent::current();
        $this->signedIn('ines')->post("/events/{$today->id}/close")->assertRedirect('/events');
        $this->get('/events')->assertSee('families are still there');
        self::assertSame(EventState::Open, $today->refresh()->state());
        Visit::query()->whereNull('left_at')->update(['left_at' => now()]);
        $this->post("/events/{$today->id}/close")->assertSessionMissing('problem');
        self::assertSame(EventState::Closed, $today->refresh()->state());
        $this->get('/arrive')->assertRedirect('/events');
        $this->post('/visits', [])->assertRedirect('/events');
        $this->get('/events')->assertSee('No event is open');
        $this->get('/')->assertOk()->assertSee('Harvest market');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no name' => [['name' => ''], 'name'];
        yield 'no day' => [['held_on' => '2026-02-30'], 'held_on'];
        yield 'closes before it opens' => [['closes_at' => '09:00'], 'closes_at'];
        yield 'opens and never closes' => [['closes_at' => ''], 'closes_at'];
        yield 'no such zone' => [['timezone' => 'Skerrin/Holm'], 'timezone'];
        yield 'no bay' => [['bays' => '0'], 'bays'];
        yield 'a figure without its source' => [['law_sources' => []], 'law_sources.law_rear_facing_until_months'];
        yield 'a figure that is none' => [['law' => ['law_back_row_until_months' => '3000'], 'law_sources' => ['law_back_row_until_months' => 'x']], 'law.law_back_row_until_months'];
        yield 'minor crashes outside the United States' => [['crash_policy' => 'minor_crash'], 'crash_policy'];
    }

    /** @param array<string, mixed> $said */
    #[DataProvider('wrong')]
    public function testWhatCannotBeIsSaid(array $said, string $where): void
    {
        $this->signedIn('ines')->post('/events', $said + self::plan())->assertSessionHasErrors($where);
        self::assertSame(0, CheckupEvent::query()->where('name', 'Spring fair')->count());
    }

    public function testTwoEventsAtOnceNeverMix(): void
    {
        $today = CheckupEvent::current();
        $this->signedIn('ines')->post('/events', self::plan());
        $other = self::planned();
        $this->post("/events/{$other->id}/open");
        $receive = static fn(CheckupEvent $event): Visit => resolve(\App\Visits\ReceiveFamily::class)($event, new \App\Visits\Arrival((string) \Illuminate\Support\Str::uuid7(), 'Isla', null, 'a car', null, null, [], 'en'), self::person('wren'));
        self::assertSame([1, self::DEMO_VISITS + 1], [$receive($other)->ticket, $receive($today)->ticket], 'each counts its own');
        self::assertSame(1, resolve(\App\Visits\TakeToBay::class)($receive($other), self::person('wren')), 'bays too');
        $this->get('/')->assertSee('Spring fair')->assertDontSee('Tamsin');
        $this->post("/events/{$today->id}/choose");
        $this->get('/')->assertSee('Tamsin')->assertDontSee('Spring fair');
        $this->signedIn('wren')->get('/')->assertSee('Harvest market');
    }

    /** Every event that is not over goes by the newest list; one that is over keeps its own. */
    public function testANewListIsTakenByEveryEventThatIsNotOver(): void
    {
        $today = CheckupEvent::current();
        $this->signedIn('ines')->post('/events', self::plan());
        $before = $today->recall_list_id;
        $over = $today->replicate();
        $over->forceFill(['closed_at' => now()])->save();
        $import = \App\Models\RecallImport::query()->create(['source' => 'x', 'path' => 'recalls/x.csv', 'dated' => $today->held_on->subDay()->toDateString(), 'state' => \App\Recalls\ImportState::Reading, 'begun_by' => self::person('ines')->id]);
        \Illuminate\Support\Facades\Storage::fake();
        \Illuminate\Support\Facades\Storage::put('recalls/x.csv', "id,maker\nX-1,Nobody\n");
        resolve(\App\Recalls\ReadRecallList::class)($import);
        resolve(\App\Recalls\TakeRecallList::class)($import);
        $list = RecallList::current()?->id;
        self::assertNotSame($before, $list);
        self::assertSame([$list, $list, $before], [$today->refresh()->recall_list_id, self::planned()->recall_list_id, $over->refresh()->recall_list_id]);
    }

    public function testThePlanSaysHowLongFamiliesWait(): void
    {
        $plan = ['expected_seats' => '48', 'opens_at' => '10:00', 'closes_at' => '14:00', 'minutes_per_seat' => '30'];
        $this->signedIn('ines')->get('/events/capacity?' . http_build_query($plan + ['crew' => [self::person('wren')->id]]))->assertOk()->assertSee('data-wait="grows"', false)->assertSee('data-needed="8"', false);
        $this->get('/events/capacity?' . http_build_query(['expected_seats' => '4'] + $plan + ['crew' => [self::person('wren')->id]]))->assertSee('data-wait="30"', false)->assertSee('One senior checker')->assertSee('data-planned', false);
        $this->get('/events/capacity?' . http_build_query(['expected_seats' => '2'] + $plan + ['crew' => [self::person('wren')->id, self::person('odalys')->id]]))->assertSee('data-wait="10"', false)->assertDontSee('One senior checker');
        foreach ([['opens_at' => 'x'], ['closes_at' => '09:00'], ['expected_seats' => ''], ['minutes_per_seat' => '0'], ['crew' => 'x']] as $said) {
            $this->get('/events/capacity?' . http_build_query($said + $plan))->assertOk();
        }
    }

    public function testWhoseCertificateEndedSignsNothing(): void
    {
        $wren = self::person('wren');
        foreach ([[1, 'ends_soon'], [60, 'ends_soon'], [62, 'holds'], [-1, 'ended']] as [$days, $state]) {
            $wren->update(['certified_until' => now()->addDays($days)->toDateString()]);
            $this->signedIn('ines')->get('/events/' . CheckupEvent::current()->id . '/edit')->assertSee("data-certificate=\"{$state}\"", false);
        }
        $check = self::check(3);
        $this->signedIn('wren')->answer($check, 'handover.technician', ['answer' => 'sign'], station: 'handover')->assertStatus(422)->assertSee('The certificate of Wren ended on');
        $visit = CheckupEvent::current()->visits()->where('ticket', 4)->firstOrFail();
        $this->get("/visits/{$visit->id}/departure")->assertOk();
        try {
            resolve(\App\Visits\CompleteVisit::class)($visit, $wren, reason: 'x', second: self::person('odalys'));
            self::fail('it was signed');
        } catch (\App\Checks\UnreadableAnswer) {
            self::assertNull($visit->refresh()->left_at);
        }
        resolve(\App\Visits\CompleteVisit::class)($visit, self::person('odalys'), reason: 'x', second: self::person('ines'));
        self::assertNotNull($visit->refresh()->left_at);
    }
}
