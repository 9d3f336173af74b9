<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\NoteFact;
use App\Actions\SendOff;
use App\Models\Check;
use App\Models\Day;
use App\Models\Family;
use App\Models\RecallList;
use App\Models\SeatModel;
use App\Models\User;
use App\Models\VehicleLayout;
use App\Models\Visit;
use App\Role;
use App\Track;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Str;
use stdClass;

/** The demo: a harvest market at the ferry landing of a made-up island town, with made-up families, seats and cars. */
final class DatabaseSeeder extends Seeder
{
    private CarbonImmutable $now;

    public function run(SendOff $sendOff): void
    {
        $this->now = CarbonImmutable::now();
        $people = $this->people();
        foreach ($this->file('seat-models') as $model) {
            SeatModel::query()->create((array) $model);
        }
        foreach ($this->file('vehicle-layouts') as $layout) {
            VehicleLayout::query()->create((array) $layout);
        }
        $day = $this->day();
        foreach ($this->file('families') as $index => $family) {
            $visit = $this->visit($day, $index + 1, $family, $people['ines']);
            foreach ($family->children as $number => $child) {
                $this->check($visit, chr(ord('A') + $number), $child, $family, $people);
            }
            if ($family->left) {
                $sendOff($visit, $people['wren']);
            }
        }
    }

    /** @return array<string, User> */
    private function people(): array
    {
        $people = [];
        foreach ([['wren', 'Wren', Role::Technician, 16], ['odalys', 'Odalys', Role::Senior, 9], ['ines', 'Ines', Role::Coordinator, null]] as [$login, $name, $role, $months]) {
            $people[$login] = User::query()->create([
                'login' => $login,
                'name' => $name,
                'role' => $role,
                'password' => 'market-day',
                'certified_until' => $months === null ? null : $this->now->addMonths($months),
            ]);
        }

        return $people;
    }

    private function day(): Day
    {
        $list = $this->file('recall-list');
        $recalls = RecallList::query()->create(['dated' => $this->now->subDays($list->days_old), 'campaigns' => $list->campaigns]);

        return Day::query()->create([
            'name' => 'Harvest market',
            'place' => 'Ferry landing, Skerrin Holm',
            'held_on' => $this->now,
            'practice' => 'us',
            'crash_policy' => 'minor_crash',
            'second_signer' => true,
            'law' => ['rear_facing_until_months' => 24, 'back_row_until_months' => 156],
            'recall_list_id' => $recalls->id,
        ]);
    }

    private function visit(Day $day, int $ticket, stdClass $family, User $receiver): Visit
    {
        $visit = Visit::query()->create([
            'day_id' => $day->id,
            'ticket' => $ticket,
            'bay' => $family->bay,
            'vehicle' => $family->vehicle,
            'submission' => Str::uuid7()->toString(),
            'arrived_at' => $this->now->subMinutes($family->minutes_ago),
            'received_by' => $receiver->id,
        ]);
        Family::query()->create(['visit_id' => $visit->id, 'first_name' => $family->first_name, 'contact' => $family->contact]);

        return $visit;
    }

    /** @param array<string, User> $people */
    private function check(Visit $visit, string $letter, stdClass $child, stdClass $family, array $people): void
    {
        $model = SeatModel::query()->where('model', $child->seat)->firstOrFail();
        $layout = VehicleLayout::query()->where('name', $family->layout)->firstOrFail();
        $check = Check::query()->create(['id' => Str::uuid7()->toString(), 'visit_id' => $visit->id, 'letter' => $letter, 'seat_model_id' => $model->id]);
        $arrival = [['vehicle', ['model_year' => $family->model_year, 'positions' => $layout->positions]]];
        foreach ([...array_map(static fn(array $f): array => [Track::Found, ...$f], [...$arrival, ...$child->found]), ...array_map(static fn(array $f): array => [Track::Left, ...$f], $child->left)] as [$track, $key, $value]) {
            NoteFact::append($check, Str::uuid7()->toString(), $track, $key, $this->value($value, $model, $people), $people['wren'], $visit->arrived_at);
        }
    }

    /**
     * "@model" stands for the seat's rules, "@name" for a signature, "-15 months" for a birth date.
     *
     * @param array<string, User> $people
     */
    private function value(mixed $value, SeatModel $model, array $people): mixed
    {
        return match (true) {
            $value === '@model' => $model->rules,
            is_string($value) && str_starts_with($value, '@') => ['id' => substr($value, 1), 'certified_until' => $people[substr($value, 1)]->certified_until?->toDateString()],
            is_string($value) && str_starts_with($value, '-') => $this->now->modify($value)->toDateString(),
            default => $value,
        };
    }

    private function file(string $name): mixed
    {
        return json_decode((string) file_get_contents(database_path("demo/{$name}.json")), false, 64, JSON_THROW_ON_ERROR);
    }
}
