<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Accounts\Role;
use App\Bookings\BookFamily;
use App\Bookings\Wish;
use App\Bus\BeginTrip;
use App\Bus\BusDraft;
use App\Bus\MarkTrip;
use App\Bus\SignTrip;
use App\Checks\NoteFact;
use App\Checks\Projection;
use App\Kit\KitWay;
use App\Kit\MoveKit;
use App\Models\BusLayout;
use App\Models\BusTrip;
use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\Family;
use App\Models\RecallImport;
use App\Models\SeatModel;
use App\Models\User;
use App\Models\VehicleLayout;
use App\Models\Visit;
use App\Models\VisitMove;
use App\Organisations\FoundOrganisation;
use App\Recalls\ImportState;
use App\Recalls\MatchAgain;
use App\Recalls\ReadRecallList;
use App\Recalls\TakeRecallList;
use App\Units;
use App\Visits\CompleteVisit;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use MintBuckle\Core\Bus\BusPlanner;
use MintBuckle\Core\Bus\Trip\TripItem;
use MintBuckle\Core\Bus\Trip\TripList;
use MintBuckle\Core\Bus\Trip\TripOutcome;
use MintBuckle\Core\Kit\KitItem;
use MintBuckle\Core\Recall\RecallIntake;
use MintBuckle\Core\Record\InspectionPhase;
use stdClass;
use Symfony\Component\Uid\UuidV7;

/**
 * The demo: a harvest market at the ferry landing of a made-up island town, with made-up families, seats and cars.
 *
 * @phpstan-type DemoChild object{seat: string, found: list<array{string, mixed}>, left: list<array{string, mixed}>}
 * @phpstan-type DemoFamily object{
 *     language?: string,
 *     first_name: string, contact: string|null, vehicle: string, model_year?: int, layout?: string, bay: int|null, left: bool,
 *     minutes_ago: int, children: list<DemoChild>,
 * }
 */
final class DatabaseSeeder extends Seeder
{
    /** By sign-in name: role, and days for which they are certified. */
    private const PEOPLE = [
        'wren' => [Role::Technician, 486],
        'odalys' => [Role::Senior, 273],
        'ines' => [Role::Coordinator, null],
        'ansel' => [Role::Technician, 600],
        'tove' => [Role::Technician, 41],
        'wim' => [Role::Technician, 150],
    ];

    /** Who works in which bay today. */
    private const BAYS = [1 => 'wren', 2 => 'odalys', 3 => 'tove', 4 => 'wim', 5 => 'ines'];

    /** By thing: how many were counted, and how many there should be at least. */
    private const KIT = [
        'noodle' => [12, 4], 'towel' => [6, 2], 'locking_clip' => [2, 3], 'infant-seat-on-base' => [2, 1], 'convertible' => [3, 1],
        'high-back-booster' => [5, 2], 'scale' => [2, 1], 'angle_gauge' => [2, 1], 'shears' => [1, 1],
    ];

    /** Times of tomorrow: who, contact, seats, language. */
    private const BOOKED = [
        ['09:00', 'Nessa', 'nessa, the yellow house', 1, 'en'], ['09:00', 'Rowan', null, 2, 'en'],
        ['09:30', 'Xoan', 'xoan at the smokehouse', 2, 'es'],
        ['10:30', 'Lowenna', 'lowenna, school gate', 3, 'en'], ['13:00', 'Petrok', null, 1, 'en'],
    ];

    /** Minutes that a seat took. */
    private const A_SEAT = 28;

    private CarbonImmutable $now;

    private CompleteVisit $sendOff;

    /** @var array<string, User> */
    private array $people = [];

    public function __construct(
        private readonly ReadRecallList $read,
        private readonly TakeRecallList $take,
        private readonly MatchAgain $match,
        private readonly Projection $projection,
        private readonly BeginTrip $beginTrip,
        private readonly MarkTrip $markTrip,
        private readonly SignTrip $signTrip,
        private readonly MoveKit $moveKit,
        private readonly BookFamily $bookFamily,
    ) {}

    public function run(CompleteVisit $sendOff, FoundOrganisation $found): void
    {
        $found('Skerrin Holm families');
        $this->now = CarbonImmutable::now();
        $this->people();
        foreach (DemoFile::rows('seat-models') as $model) {
            SeatModel::query()->create($model);
        }
        foreach (DemoFile::rows('vehicle-layouts') as $layout) {
            VehicleLayout::query()->create($layout);
        }
        foreach (DemoFile::rows('buses') as $bus) {
            BusLayout::query()->create($bus);
        }
        $this->sendOff = $sendOff;
        $event = $this->event();
        $this->trip($event);
        /** @var list<DemoFamily> $families */
        $families = DemoFile::list('families');
        foreach ($families as $index => $family) {
            $this->family($event, $index + 1, $family);
        }
        $this->yesterday($event, $families);
        $this->tomorrow($event);
    }

    /** @param DemoFamily $family */
    private function family(CheckupEvent $event, int $ticket, object $family): void
    {
        $visit = $this->visit($event, $ticket, $family);
        foreach ($family->children as $number => $child) {
            $this->check($visit, chr(ord('A') + $number), $child, $family);
        }
        if ($family->left) {
            CarbonImmutable::setTestNow($this->now->subMinutes(self::sinceCalled($family) - self::A_SEAT * count($family->children)));
            ($this->sendOff)($visit, $this->people['wren']);
            CarbonImmutable::setTestNow($this->now->isToday() ? null : $this->now);
        }
    }

    /**
     * An event that is over: families who went home in the same seats as some of today's.
     *
     * @param list<DemoFamily> $families
     */
    private function yesterday(CheckupEvent $event, array $families): void
    {
        $today = $this->now;
        $this->now = $today->subDay();
        CarbonImmutable::setTestNow($this->now);
        $over = $event->replicate();
        $over->fill(['name' => 'Harvest market, first day', 'held_on' => $this->now, 'opened_at' => $this->now])->save();
        $over->crew()->sync($event->crewIds());
        // The last of them comes again today.
        $came = ['Hollis' => 'hollis, first house after the bridge', 'Merryn' => null, 'Gwenna' => 'gwenna at the net loft'];
        foreach (array_keys($came) as $number => $name) {
            /** @var DemoFamily $family */
            $family = json_decode((string) json_encode(
                ['first_name' => $name, 'contact' => $came[$name]] + (array) $families[$number % 2],
            ));
            $this->family($over, $number + 1, $family);
        }
        $over->update(['closed_at' => $this->now]);
        CarbonImmutable::setTestNow();
        $this->now = $today;
    }

    private function tomorrow(CheckupEvent $event): void
    {
        $next = $event->replicate(['opened_at']);
        $next->fill(['name' => 'Harvest market, last day', 'held_on' => $this->now->addDay(), 'expected_seats' => 36])->save();
        $next->crew()->sync($event->crewIds());
        foreach (self::BOOKED as [$time, $name, $contact, $seats, $language]) {
            ($this->bookFamily)(UuidV7::generate(), $next, new Wish($time, $name, $contact, $seats, $language), $this->people['ines']);
        }
    }

    private function people(): void
    {
        foreach (self::PEOPLE as $login => [$role, $days]) {
            $this->people[$login] = User::query()->create([
                'login' => $login,
                'name' => ucfirst($login),
                'role' => $role,
                'password' => 'market-day',
                'pin' => '2468',
                'certified_until' => $days === null ? null : $this->now->addDays($days),
            ]);
        }
    }

    private function event(): CheckupEvent
    {
        $event = CheckupEvent::query()->create([
            'name' => 'Harvest market',
            'place' => 'Ferry landing, Skerrin Holm',
            'held_on' => $this->now,
            'practice' => 'us',
            'crash_policy' => 'minor_crash',
            'second_signer' => true,
            'law_rear_facing_until_months' => 24,
            'law_back_row_until_months' => 156,
            'timezone' => 'America/New_York',
            'opens_at' => '09:00',
            'closes_at' => '15:00',
            'bays' => 8,
            'expected_seats' => 36,
            'law_sources' => [
                'law_rear_facing_until_months' => 'Island ordinance 12, section 3 (made up)',
                'law_back_row_until_months' => 'Island ordinance 12, section 5 (made up)',
            ],
            'opened_at' => $this->now,
        ]);
        $event->crew()->sync(array_column($this->people, 'id'));
        foreach (self::KIT as $thing => [$counted, $minimum]) {
            ($this->moveKit)(UuidV7::generate(), $event, KitItem::from($thing), KitWay::Counted, $counted, null, $this->people['ines']);
            DB::table('kit_minima')->insert(['checkup_event_id' => $event->id, 'item' => $thing, 'minimum' => $minimum]);
        }
        $this->recalls();

        return $event->refresh();
    }

    /** By the door that every list comes in. */
    private function recalls(): void
    {
        /** @var object{days_old: int, campaigns: list<stdClass>} $list */
        $list = DemoFile::object('recall-list');
        Storage::put(
            'recalls/demo.json',
            json_encode(
                [
                    'format' => RecallIntake::FORMAT,
                    'version' => RecallIntake::VERSION,
                    'dated' => $this->now->subDays($list->days_old)->toDateString(),
                    'campaigns' => $list->campaigns,
                ],
                JSON_THROW_ON_ERROR,
            ),
        );
        $import = RecallImport::query()->create([
            'source' => 'the demo',
            'path' => 'recalls/demo.json',
            'state' => ImportState::Reading,
            'begun_by' => $this->people['ines']->id,
        ]);
        ($this->read)($import);
        ($this->take)($import);
        while ($this->match->goOn($import)) {
            continue;
        }
    }

    /** @param DemoFamily $family */
    private function visit(CheckupEvent $event, int $ticket, object $family): Visit
    {
        $visit = Visit::query()->create([
            'checkup_event_id' => $event->id,
            'ticket' => $ticket,
            'bay' => $family->bay,
            'vehicle' => $family->vehicle,
            'submission' => UuidV7::generate(),
            'arrived_at' => $this->now->subMinutes($family->minutes_ago),
            'called_at' => $family->bay === null ? null : $this->now->subMinutes(self::sinceCalled($family)),
            'worked_by' => $family->bay === null ? null : $this->people[$family->left ? 'wren' : self::BAYS[$family->bay]]->id,
            'received_by' => $this->people['ines']->id,
            'language' => $family->language ?? 'en',
        ]);
        $visit->called_at === null || VisitMove::query()->create([
            'id' => UuidV7::generate(),
            'visit_id' => $visit->id,
            'bay' => $visit->bay,
            'worked_by' => $visit->worked_by,
            'made_by' => $this->people['ines']->id,
            'at' => $visit->called_at,
        ]);
        Family::query()->create(['visit_id' => $visit->id, 'first_name' => $family->first_name, 'contact' => $family->contact]);

        return $visit;
    }

    /**
     * Called within ten minutes; who has left took about half an hour a seat.
     *
     * @param DemoFamily $family
     */
    private static function sinceCalled(object $family): int
    {
        return max(1, $family->minutes_ago - 10);
    }

    /**
     * @param DemoChild $child
     * @param DemoFamily $family
     */
    private function check(Visit $visit, string $letter, object $child, object $family): void
    {
        $model = SeatModel::query()->where('model', $child->seat)->firstOrFail();
        $check = Check::query()->create([
            'id' => UuidV7::generate(),
            'visit_id' => $visit->id,
            'letter' => $letter,
            'seat_model_id' => $model->id,
        ]);
        $this->note($check, InspectionPhase::Found, [...self::vehicle($family), ...$child->found], $model, $visit->arrived_at);
        $this->note($check, InspectionPhase::Left, $child->left, $model, $visit->arrived_at);
        $this->projection->keep($check->load('visit.event.recallList'));
    }

    /**
     * @param DemoFamily $family
     * @return list<array{string, mixed}> none for who rides a bus
     */
    private static function vehicle(object $family): array
    {
        $layout = isset($family->layout) ? VehicleLayout::query()->where('name', $family->layout)->firstOrFail() : null;

        return $layout === null ? [] : [['vehicle', ['model_year' => $family->model_year ?? null, 'positions' => $layout->positions]]];
    }

    /** The list before a trip of the small bus this morning: one thing put right, and signed. */
    private function trip(CheckupEvent $event): void
    {
        $bus = BusLayout::query()->orderBy('id')->firstOrFail();
        $request = BusDraft::of($bus, $event, $bus->roster, [], [], Units::Imperial)->request;
        $plan = $request === null ? null : BusPlanner::plan($request)->plans[0] ?? null;
        if ($request === null || $plan === null) {
            return;
        }
        $id = '019ac000-0000-7000-8000-000000000004';
        ($this->beginTrip)($id, $bus->id, BusTrip::kept(TripList::of($request, $plan)), $this->people['wren']);
        $trip = BusTrip::query()->findOrFail($id);
        $keys = array_map(static fn(TripItem $item): string => $item->key, $trip->record()->items);
        $belts = array_filter($keys, static fn(string $key): bool => str_starts_with($key, 'belt/'));
        $twisted = array_slice(array_values($belts), 0, 1);
        $wren = $this->people['wren'];
        ($this->markTrip)($trip, UuidV7::generate(), $twisted, TripOutcome::PutRight, 'secure.twist', null, 'TM', $wren);
        ($this->markTrip)(
            $trip,
            UuidV7::generate(),
            array_values(array_diff($keys, $twisted)),
            TripOutcome::Right,
            null,
            null,
            'TM',
            $wren,
        );
        ($this->signTrip)($trip, 'TM');
    }

    /** @param list<array{string, mixed}> $facts */
    private function note(Check $check, InspectionPhase $phase, array $facts, SeatModel $model, CarbonImmutable $when): void
    {
        foreach ($facts as [$key, $value]) {
            NoteFact::append($check, UuidV7::generate(), $phase, $key, $this->value($value, $model), $this->people['wren'], $when);
        }
    }

    /** "@model" stands for the seat's rules, "@wren" for a signature, "-15 months" for a date that long ago. */
    private function value(mixed $value, SeatModel $model): mixed
    {
        return match (true) {
            $value === '@model' => $model->rules,
            is_string($value) && str_starts_with($value, '@') => [
                'id' => substr($value, 1),
                'certified_until' => $this->people[substr($value, 1)]->certified_until?->toDateString(),
            ],
            is_string($value) && str_starts_with($value, '-') => $this->now->modify($value)->toDateString(),
            default => $value,
        };
    }
}
