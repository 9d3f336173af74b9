<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Checks\AssembleCase;
use App\Checks\CheckPage;
use App\Checks\Judge;
use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\Fact;
use App\Models\SeatModel;
use App\Models\VehicleLayout;
use App\Models\Visit;
use App\Units;
use Illuminate\Support\Str;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\InspectionPhase;

/** A child that came without a seat leaves in one of the event's, or with the belt alone where that is right. */
final class InsteadTest extends FeatureTestCase
{
    private const NOW = [
        'seat.label_readable' => 'yes', 'seat.history.known' => 'yes', 'seat.history.crash' => 'no', 'seat.history.damage' => 'nothing', 'seat.history.altered' => 'no', 'seat.history.parts_missing' => 'nothing', 'seat.history.extras' => 'nothing',
        'seat.made_on' => '2025-02', 'child.shoulder_height' => '340 mm', 'setup.ears_above' => 'no', 'vehicle.positions.1.taken' => 'no', 'setup.vehicle_back_upright' => 'yes', 'setup.touches_vehicle_back' => 'yes', 'setup.head_restraint_pushes' => 'no',
        'setup.held_by' => 'belt', 'setup.belt_path' => 'forward', 'setup.lock' => 'retractor', 'setup.twisted' => 'no', 'setup.movement.at_belt_path' => 'yes', 'setup.movement.side' => '5 mm', 'setup.movement.front' => '5 mm', 'setup.recline_setting' => '3',
        'setup.overhang' => '0 mm', 'setup.tether.used' => 'yes', 'setup.tether.anchor_designated' => 'yes', 'setup.tether.slack' => 'no', 'setup.tether.routed' => 'yes', 'setup.wedge' => 'none', 'setup.harness.slot' => '5', 'setup.harness.crotch.slot' => '2',
        'setup.harness.buckled' => 'yes', 'setup.harness.clip' => 'armpit', 'setup.harness.crotch.under_child' => 'no', 'setup.harness.too_tight' => 'no', 'setup.harness.twisted' => 'no', 'setup.harness.slouch' => 'no', 'setup.harness.coat' => 'no',
        'setup.harness.padding' => 'no', 'setup.harness.tightness.test' => 'pinch', 'setup.harness.tightness.passes' => 'yes', 'handover.shown_back' => 'yes', 'handover.technician' => 'sign', 'setup.level_ground' => 'yes',
    ];

    public function testFromNoSeatToAFinishedCheck(): void
    {
        CheckupEvent::current()->update(['second_signer' => false]);
        $check = $this->withoutASeat();
        $found = AssembleCase::read($check->load('visit.event.recallList'), InspectionPhase::Found);
        self::assertSame([null, 'belt_only', '2L'], [$found->seat, $found->setup?->mode?->value, $found->setup?->position]);
        $this->get("/checks/{$check->id}/left/label")->assertSee("/checks/{$check->id}/instead", false);

        $model = SeatModel::query()->where('model', 'OM-220')->sole();
        $this->get("/checks/{$check->id}/instead")->assertOk()->assertSee('data-instead="OM-220"', false)->assertDontSee('data-instead="OM-90"', false);
        $this->answer($check, 'handover.shown_back', ['answer' => 'yes'], station: 'handover')->assertOk();
        $this->answer($check, 'handover.technician', ['answer' => 'sign'], station: 'handover')->assertOk();
        $ids = ['ids' => [Str::uuid7()->toString(), Str::uuid7()->toString(), Str::uuid7()->toString()]];
        $this->post("/checks/{$check->id}/instead", $ids + ['model' => $model->id])->assertRedirect("/checks/{$check->id}/left/label");
        $this->post("/checks/{$check->id}/instead", $ids + ['model' => $model->id])->assertRedirect("/checks/{$check->id}/left/label");
        self::assertSame(1, Fact::query()->where('check_id', $check->id)->where('key', 'seat')->count(), 'given once');
        self::assertNull(self::asLeft($check)->case->handover, 'shown back and signed was another seat');

        $this->answerWhatIsAsked($check);
        $page = self::asLeft($check);
        self::assertSame([Verdict::GoodToRide, 'OM-220'], [$page->assessment->verdict, $page->case->seat?->model]);
        self::assertNull(AssembleCase::read(self::fresh($check), InspectionPhase::Found)->seat, 'what was found stays');
    }

    public function testWhatDoesNotFitIsNotGiven(): void
    {
        $check = $this->withoutASeat();
        $infant = SeatModel::query()->where('model', 'OM-90')->sole();
        $this->post("/checks/{$check->id}/instead", ['ids' => [Str::uuid7()->toString(), Str::uuid7()->toString(), Str::uuid7()->toString()], 'model' => $infant->id])->assertRedirect("/checks/{$check->id}/instead");
        $this->get("/checks/{$check->id}/instead")->assertSee('is not known to fit');
        self::assertSame(0, Fact::query()->where('check_id', $check->id)->where('key', 'seat')->count());
    }

    public function testWhereNothingIsKnownToFitItSaysWhatIsMissing(): void
    {
        $check = $this->withoutASeat(['born_on' => '', 'weight' => '', 'height' => '']);
        $this->get("/checks/{$check->id}/instead")->assertOk()->assertSee('No seat of the catalogue is known to fit');
    }

    /** @param array<string, string> $child */
    private function withoutASeat(array $child = []): Check
    {
        $this->signedIn()->post('/visits', [
            'submission' => Str::uuid7()->toString(), 'units' => 'metric', 'first_name' => 'Talan', 'consent' => '1', 'vehicle' => '',
            'layout' => VehicleLayout::query()->where('name', 'Halven Sound 2018, five seats')->sole()->id,
            'children' => [$child + ['seat' => 'none', 'mode' => '', 'born_on' => now()->subMonths(45)->toDateString(), 'weight' => '17', 'height' => '103 cm', 'position' => '2L']],
        ])->assertRedirect('/');

        return Visit::query()->orderByDesc('ticket')->firstOrFail()->checks()->firstOrFail();
    }

    private function answerWhatIsAsked(Check $check): void
    {
        for ($i = 0; $i < 80; $i++) {
            $path = self::asLeft($check)->now->row?->path;
            if ($path === null) {
                return;
            }
            self::assertArrayHasKey($path, self::NOW, "asks {$path}");
            $said = self::NOW[$path];
            $this->answer($check, $path, ['answer' => $said, 'amount' => $said, 'answers' => [$said], 'unit' => 'mm'], station: 'label')->assertOk();
        }
        self::fail('it goes on asking');
    }

    private static function asLeft(Check $check): CheckPage
    {
        return new CheckPage(app(Judge::class)->of(self::fresh($check), InspectionPhase::Left), Station::Label, Units::Metric);
    }

    private static function fresh(Check $check): Check
    {
        return Check::query()->with('visit.event.recallList')->findOrFail($check->id);
    }
}
