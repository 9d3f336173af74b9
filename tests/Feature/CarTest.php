<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Check;
use App\Models\VehicleLayout;
use App\Models\Visit;
use App\Vehicles\FamilyVehicle;
use Illuminate\Support\Str;
use MintBuckle\Core\Record\InspectionPhase;

final class CarTest extends FeatureTestCase
{
    public function testThePlanShowsEverybodyAndAProposal(): void
    {
        $page = $this->signedIn()->get('/visits/' . self::visit(4)->id . '/car')->assertOk();

        $page->assertSee('data-rider="A"', false)->assertSee('data-rider="B"', false)->assertSee('data-proposal="0"', false);
        $page->assertSee('Expect')->assertSee('lower anchors in two rear places.');
    }

    public function testAProposalIsAcceptedInOneTapAndMakesMeasuresStale(): void
    {
        $visit = self::visit(3);
        $this->signedIn()->post("/visits/{$visit->id}/car", ['id' => (string) Str::uuid(), 'places' => ['A' => '2R']])->assertRedirect()->assertSessionHas('status', 'A moves. What depends on the place is looked at again in the check.');
        $check = Check::query()->findOrFail($visit->checks->firstOrFail()->id);

        self::assertSame('2R', $check->caseOf(InspectionPhase::Left)->case->setup?->position);
        self::assertNotSame([], $check->caseOf(InspectionPhase::Left)->stale, 'what was measured elsewhere no longer counts');
        self::assertNotSame('2R', $check->caseOf(InspectionPhase::Found)->case->setup?->position);
        $this->post("/visits/{$visit->id}/car", ['id' => (string) Str::uuid(), 'places' => ['A' => '2R']])->assertSessionHas('status', 'Everybody stays.');
    }

    public function testAPlaceTheCarLacksMovesNobody(): void
    {
        $visit = self::visit(4);
        $before = $visit->checks->map(static fn(Check $c): ?string => $c->caseOf(InspectionPhase::Left)->case->setup?->position)->all();
        $this->signedIn()->post("/visits/{$visit->id}/car", ['id' => (string) Str::uuid(), 'places' => ['A' => '2C', 'B' => '1C']])->assertRedirect()->assertSessionHas('problem');

        self::assertSame($before, self::visit(4)->checks->map(static fn(Check $c): ?string => $c->caseOf(InspectionPhase::Left)->case->setup?->position)->all(), 'all of them or none');
        $this->post("/visits/{$visit->id}/car", ['id' => (string) Str::uuid(), 'places' => ['A' => 'boot']])->assertSessionHasErrors('places.A');
    }

    public function testTwoChildrenAtOnePlaceAreNamed(): void
    {
        $visit = self::visit(4);
        $at = $visit->checks->firstOrFail()->caseOf(InspectionPhase::Left)->case->setup?->position;
        $this->signedIn()->post("/visits/{$visit->id}/car", ['id' => (string) Str::uuid(), 'places' => ['B' => $at]]);

        foreach (['2L', '2C', '2R'] as $place) {
            $this->post("/visits/{$visit->id}/car/{$place}", ['id' => (string) Str::uuid(), 'field' => 'width', 'amount' => '440', 'unit' => 'mm']);
        }

        $this->get("/visits/{$visit->id}/car")->assertOk()->assertSee('Two children have this place.');
    }

    public function testWhatIsSeenAtAPlaceIsKnownToEveryCheck(): void
    {
        $visit = self::visit(4);
        $this->signedIn()->post("/visits/{$visit->id}/car/2L", ['id' => (string) Str::uuid(), 'field' => 'airbag', 'answer' => 'no'])->assertRedirect();
        $this->post("/visits/{$visit->id}/car/2L", ['id' => (string) Str::uuid(), 'field' => 'width', 'amount' => '440', 'unit' => 'mm'])->assertRedirect();
        foreach (self::visit(4)->checks as $check) {
            $place = array_values(array_filter($check->caseOf(InspectionPhase::Left)->case->vehicle->positions ?? [], static fn($p): bool => $p->name === '2L'))[0];
            self::assertSame([false, '440 mm'], [$place->airbag, $place->width?->show()]);
        }
        $this->post("/visits/{$visit->id}/car/2L", ['id' => (string) Str::uuid(), 'field' => 'width', 'amount' => 'broad', 'unit' => 'mm'])->assertSessionHas('problem');
        $this->post("/visits/{$visit->id}/car/2L", ['id' => (string) Str::uuid(), 'field' => 'colour', 'answer' => 'red'])->assertSessionHas('problem');
    }

    public function testWhatTwoChecksTellDifferentlyIsUnknown(): void
    {
        $visit = self::visit(4);
        $airbag = static fn(Visit $visit): ?bool => array_values(array_filter(FamilyVehicle::request($visit)->vehicle->positions, static fn($p): bool => $p->name === '2C'))[0]->airbag;
        foreach ([['A', 'no', false], ['B', 'yes', null]] as [$letter, $answer, $expected]) {
            $check = $visit->checks->firstOrFail(static fn(Check $c): bool => $c->letter === $letter);
            $index = array_search('2C', array_map(static fn($p): string => $p->name, $check->caseOf(InspectionPhase::Left)->case->vehicle->positions ?? []), true);
            $this->signedIn()->answer(Check::query()->findOrFail($check->id), "vehicle.positions.{$index}.airbag", ['answer' => $answer], station: 'place')->assertOk();
            self::assertSame($expected, $airbag(self::visit(4)));
        }
    }

    public function testAnotherArrangementKeepsWhatIsKnown(): void
    {
        $visit = self::visit(3);
        $this->signedIn()->post("/visits/{$visit->id}/car/2L", ['id' => (string) Str::uuid(), 'field' => 'airbag', 'answer' => 'no']);
        $this->put("/visits/{$visit->id}/car", ['id' => (string) Str::uuid(), 'layout' => VehicleLayout::query()->where('name', 'Seven seats, driver on the left')->sole()->id])->assertRedirect();
        $positions = self::visit(3)->checks->firstOrFail()->caseOf(InspectionPhase::Left)->case->vehicle->positions ?? [];

        self::assertContains('3R', array_map(static fn($p): string => $p->name, $positions));
        self::assertSame([false], array_values(array_map(static fn($p): ?bool => $p->airbag, array_filter($positions, static fn($p): bool => $p->name === '2L'))));
        $this->put("/visits/{$visit->id}/car", ['id' => (string) Str::uuid(), 'layout' => VehicleLayout::query()->where('name', 'Front bench of three, driver on the left')->sole()->id])->assertSessionHas('problem');
    }

    /** One press that arrives three times is one press, whatever was changed in between. */
    public function testWhatArrivesAgainIsKeptOnce(): void
    {
        $visit = self::visit(4);
        $kept = static fn(): int => self::visit(4)->checks->sum(static fn(Check $check): int => $check->facts()->count());
        $before = $kept();
        $press = ['id' => (string) Str::uuid(), 'field' => 'airbag', 'answer' => 'no'];
        foreach ([1, 2, 3] as $arrival) {
            $this->signedIn()->post("/visits/{$visit->id}/car/2L", $press)->assertRedirect()->assertSessionMissing('problem');
        }
        self::assertSame($before + $visit->checks->count(), $kept());
        $move = ['id' => (string) Str::uuid(), 'places' => ['A' => '2C']];
        $back = ['id' => (string) Str::uuid(), 'places' => ['A' => '2L']];
        foreach ([$move, $move, $back, $move] as $press) {
            $this->post("/visits/{$visit->id}/car", $press)->assertRedirect();
        }
        self::assertSame('2L', self::check(4)->caseOf(InspectionPhase::Left)->case->setup?->position, 'a late repeat moves nobody');
        $layout = ['id' => (string) Str::uuid(), 'layout' => VehicleLayout::query()->where('name', 'Seven seats, driver on the left')->sole()->id];
        $before = $kept();
        $this->put("/visits/{$visit->id}/car", $layout)->assertRedirect();
        $this->put("/visits/{$visit->id}/car", $layout)->assertRedirect();
        self::assertSame($before + $visit->checks->count(), $kept());
        $this->post("/visits/{$visit->id}/car/2L", ['field' => 'airbag', 'answer' => 'no'])->assertSessionHasErrors('id');
        $this->post("/visits/{$visit->id}/car/9Z", $press)->assertStatus(405);
    }

    public function testAFamilyThatLeftTakesNoBay(): void
    {
        $visit = self::visit(1);
        Visit::query()->whereKey($visit->id)->update(['bay' => null]);
        $this->signedIn()->post("/visits/{$visit->id}/bay")->assertRedirect('/')->assertSessionHas('problem');
        self::assertNull($visit->refresh()->bay);
    }

    public function testAFamilyThatLeftIsNotMoved(): void
    {
        $visit = self::visit(1);
        $this->signedIn()->get("/visits/{$visit->id}/car")->assertOk()->assertSee('This family has left.');
        $this->post("/visits/{$visit->id}/car", ['id' => (string) Str::uuid(), 'places' => ['A' => '2R']])->assertSessionHas('problem');
    }

    public function testAPinKeepsAChildWhereItIs(): void
    {
        $visit = self::visit(4);
        $at = $visit->checks->firstOrFail()->caseOf(InspectionPhase::Left)->case->setup?->position;
        $this->signedIn()->get("/visits/{$visit->id}/car?keep[]=A")->assertOk()->assertSee('Stays here: let move')->assertSee("A → {$at}");
    }
}
