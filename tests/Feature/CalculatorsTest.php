<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Calculators\Calculator;
use App\Calculators\KnownFromCheck;
use App\Checks\AssembleCase;
use App\Models\SeatModel;
use App\Models\Visit;
use Illuminate\Support\Str;
use MintBuckle\Core\Record\InspectionPhase;
use PHPUnit\Framework\Attributes\DataProvider;

/** Calculators answer without a visit, and become one. */
final class CalculatorsTest extends FeatureTestCase
{
    /** @return iterable<string, array{string, array<string, array<string, mixed>>, list<string>}> calculator, what is typed, what it says */
    public static function questions(): iterable
    {
        $mm = static fn(string $amount): array => ['amount' => $amount, 'unit' => 'mm'];
        yield 'expired' => ['expiry', ['seat.made_on' => ['answer' => '2015-06'], 'seat.life_years' => ['answer' => '7']], ['1 Jun 2022', 'data-answer="2022-06-01"']];
        yield 'half a date' => ['expiry', ['seat.made_on' => ['answer' => 'June']], ['Enter what you know']];
        yield 'recalled' => ['recall', ['seat.maker' => ['answer' => 'Brindlehaven'], 'seat.model' => ['answer' => 'BH-3'], 'seat.made_on' => ['answer' => '2018-02-14']], ['data-answer="affected"']];
        yield 'ratchet' => ['locking', ['setup.mode' => ['answer' => 'forward_harness'], 'vehicle.positions.0.belt' => ['answer' => 'lap_shoulder'], 'vehicle.positions.0.retractor' => ['answer' => 'switchable'], 'vehicle.positions.0.latch_plate' => ['answer' => 'sliding']], ['Draw the shoulder belt out slowly to the very end.', 'data-answer="retractor"']];
        yield 'no way' => ['locking', ['setup.mode' => ['answer' => 'rear_harness'], 'vehicle.positions.0.belt' => ['answer' => 'lap'], 'vehicle.positions.0.retractor' => ['answer' => 'elr'], 'vehicle.positions.0.latch_plate' => ['answer' => 'sliding'], 'seat.lockoff' => ['answer' => 'no'], 'seat.clamp_door' => ['answer' => 'no']], ['another place', 'data-answer="none"']];
        yield 'anchors by weight' => ['anchors', ['setup.mode' => ['answer' => 'forward_harness'], 'seat.made_on' => ['answer' => '2020-01-01'], 'seat.weight' => ['amount' => '20', 'unit' => 'lb'], 'child.weight' => ['amount' => '46', 'unit' => 'lb']], ['45 lb']];
        yield 'wedge' => ['wedge', ['setup.angle' => ['amount' => '27', 'unit' => 'deg'], 'seat.base_length' => $mm('400'), 'child.sits_unaided' => ['answer' => 'yes'], 'seat.wedge_ok' => ['answer' => 'yes']], ['data-answer="one_noodle"']];
        yield 'too flat for a wedge' => ['wedge', ['setup.angle' => ['amount' => '52', 'unit' => 'deg'], 'seat.base_length' => $mm('400'), 'child.sits_unaided' => ['answer' => 'yes'], 'seat.wedge_ok' => ['answer' => 'yes']], ['data-answer="none"', 'No wedge is needed']];
        yield 'no wedge allowed' => ['wedge', ['setup.angle' => ['amount' => '27', 'unit' => 'deg'], 'seat.base_length' => $mm('400'), 'child.sits_unaided' => ['answer' => 'yes'], 'seat.wedge_ok' => ['answer' => 'no']], ['data-answer="forbidden"', 'Its maker forbids a noodle or towel']];
        yield 'slot' => ['slot', ['setup.mode' => ['answer' => 'rear_harness'], 'child.shoulder_height' => $mm('270'), 'seat.slots' => ['lines' => "200\n245\n290", 'unit' => 'mm'], 'seat.standards' => ['answers' => ['fmvss213']]], ['Slot 2', 'data-answer="2"']];
        yield 'belt alone' => ['belt-fit', ['child.born_on' => ['answer' => '2014-01-01'], 'child.height' => ['amount' => '150', 'unit' => 'cm'], 'setup.belt_fit.back' => ['answer' => 'yes'], 'setup.belt_fit.knees' => ['answer' => 'no'], 'setup.belt_fit.lap' => ['answer' => 'yes'], 'setup.belt_fit.shoulder' => ['answer' => 'yes'], 'setup.belt_fit.stays' => ['answer' => 'yes']], ['data-answer="not_yet"']];
        yield 'a mat' => ['extras', ['seat.history.extras' => ['answer' => 'no', 'name' => 'mat']], ['Take it off', 'data-answer="take_off"']];
        yield 'room' => ['room', ['own.missing' => $mm('60'), 'own.shell' => $mm('600'), 'setup.angle' => ['amount' => '45', 'unit' => 'deg'], 'seat.modes.rear_harness.angle_min' => ['amount' => '30', 'unit' => 'deg']], ['data-answer="yes"']];
        yield 'flight' => ['flight', ['seat.aircraft_certified' => ['answer' => 'yes'], 'setup.mode' => ['answer' => 'high_back_booster']], ['Boosters cannot be used on an aircraft', 'data-answer="no"']];
        yield 'not certified' => ['flight', ['seat.aircraft_certified' => ['answer' => 'no'], 'setup.mode' => ['answer' => 'rear_harness']], ['data-answer="no"', 'does not say that it is certified']];
        yield 'a shell that only turns' => ['flight', ['setup.mode' => ['answer' => 'rear_harness'], 'seat.aircraft_certified' => ['answer' => 'yes'], 'seat.detachable' => ['answer' => 'no']], ['data-answer="unknown"', 'weigh and measure the child', 'Still open: Weight, Height']];
        yield 'modes' => ['modes', ['child.born_on' => ['answer' => '2026-01-01'], 'child.weight' => ['amount' => '9', 'unit' => 'kg'], 'child.height' => ['amount' => '70', 'unit' => 'cm']], ['data-answer="unknown"']];
    }

    /**
     * @param array<string, array<string, mixed>> $typed
     * @param list<string> $says
     */
    #[DataProvider('questions')]
    public function testItAnswers(string $calculator, array $typed, array $says): void
    {
        $page = $this->signedIn()->get("/calculators/{$calculator}?" . http_build_query(['f' => $typed]))->assertOk();
        foreach ($says as $words) {
            $page->assertSee($words, false);
        }
    }

    public function testWhetherItMayFlyIsReadFromTheShelf(): void
    {
        $ask = fn(string $model, array $typed = []) => $this->signedIn()->get('/calculators/flight?' . http_build_query(['f' => ['own.model' => ['answer' => (string) SeatModel::query()->where('rules->model', $model)->firstOrFail()->id], 'setup.mode' => ['answer' => 'rear_harness']] + $typed]))->assertOk();
        $child = ['child.born_on' => ['answer' => '2025-10-01'], 'child.weight' => ['amount' => '22', 'unit' => 'lb'], 'child.height' => ['amount' => '29', 'unit' => 'in'], 'setup.head_to_shell_top' => ['amount' => '3', 'unit' => 'in']];

        $ask('OM-220', $child)->assertSee('data-answer="yes"', false)->assertDontSee('f[seat.aircraft_certified]', false);
        $ask('OM-220')->assertSee('Still open: Birth date, Weight, Height, Shell above the head.');
        $ask('OM-220', ['child.weight' => ['amount' => '60', 'unit' => 'lb']])->assertSee('data-answer="no"', false)->assertSee('outside the limits');
        $ask('OM-70', $child)->assertSee('data-answer="no"', false)->assertSee('belted without the base');
        $ask('OM-70', ['seat.baseless' => ['answer' => 'allowed']] + $child)->assertSee('data-answer="no"', false);
    }

    public function testAFlightFromACheckAsksOnlyWhatItDoesNotKnow(): void
    {
        $check = self::check(1);
        $ask = fn(string $page, array $typed = [], array $more = []) => $this->signedIn()->get("/calculators/flight{$page}?" . http_build_query(['check' => $check->id, 'f' => $typed] + $more))->assertOk();
        $this->signedIn()->get("/checks/{$check->id}/left/label")->assertSee(e(route('calculators.show', ['flight', 'check' => $check->id])), false);
        $known = KnownFromCheck::facts($check);
        $page = $ask('')->assertSee($check->title())->assertDontSee('f[own.model]', false)->assertDontSee('f[child.weight]', false)->assertDontSee('Make it a check');
        self::assertArrayNotHasKey('vehicle', $known);
        self::assertArrayHasKey('child', $known);
        $page->assertSee('name="f[vehicle.positions.0.retractor][answer]"', false);

        $car = ['vehicle.positions.0.belt' => ['answer' => 'lap_shoulder'], 'vehicle.positions.0.retractor' => ['answer' => 'switchable'], 'vehicle.positions.0.latch_plate' => ['answer' => 'sliding']];
        $ask('', ['seat.aircraft_certified' => ['answer' => 'yes'], 'seat.detachable' => ['answer' => 'no']] + $car)->assertSee('data-part="car"', false);
        $ask('/sheet', $car, ['language' => 'es'])->assertSee('lang="es"', false)->assertSee('En el avión');
        $ask('/sheet', $car, ['language' => 'xx'])->assertSee('data-answer=', false);
        $this->get('/calculators/flight?check=no-id')->assertNotFound();
        $this->get('/calculators/flight?check=' . Str::uuid())->assertNotFound();
    }

    public function testOnePageToPrintForAFlight(): void
    {
        $model = SeatModel::query()->where('rules->model', 'OM-220')->firstOrFail();
        $typed = [
            'own.model' => ['answer' => (string) $model->id], 'setup.mode' => ['answer' => 'rear_harness'], 'child.born_on' => ['answer' => '2025-10-01'], 'child.weight' => ['amount' => '22', 'unit' => 'lb'],
            'child.height' => ['amount' => '29', 'unit' => 'in'], 'setup.head_to_shell_top' => ['amount' => '3', 'unit' => 'in'], 'vehicle.positions.0.belt' => ['answer' => 'lap_shoulder'], 'vehicle.positions.0.latch_plate' => ['answer' => 'sliding'],
            'vehicle.positions.0.retractor' => ['answer' => 'switchable'],
        ];
        $sheet = $this->signedIn()->get('/calculators/flight/sheet?' . http_build_query(['f' => $typed]))->assertOk();
        $sheet->assertSeeInOrder([$model->title(), 'It may be used on an aircraft.', 'Before the day', 'In the aircraft', 'never in an exit row', 'Lap belt only: lead it through the rear-facing path', 'No tether', 'Taking it out', 'The car at the other end', 'That belt can be locked. The retractor can lock the whole belt.', '14 CFR 121.311'], false);
        $handle = ['setup.mode' => ['answer' => 'rear_harness'], 'seat.detachable' => ['answer' => 'yes'], 'own.handle' => ['amount' => '4', 'unit' => 'in'], 'own.other_handle' => ['amount' => '1', 'unit' => 'in']];
        $this->get('/calculators/flight?' . http_build_query(['f' => $handle]))->assertOk()->assertSee('there is 3 in more room')->assertSee('f[own.handle]', false);
        $open = $this->get('/calculators/flight/sheet?' . http_build_query(['f' => ['setup.mode' => ['answer' => 'rear_harness']]]))->assertOk();
        $open->assertSee('Look or ask, before this page can be followed')->assertDontSee('data-part="aboard"', false);
        $no = $this->get('/calculators/flight/sheet?' . http_build_query(['f' => ['setup.mode' => ['answer' => 'high_back_booster']]]))->assertOk();
        $no->assertSee('data-answer="no"', false)->assertDontSee('data-part=', false);
    }

    public function testACheckMadeOfAFlightKeepsNothingOfTheOtherCar(): void
    {
        $typed = ['setup.mode' => ['answer' => 'rear_harness'], 'seat.aircraft_certified' => ['answer' => 'yes'], 'vehicle.positions.0.retractor' => ['answer' => 'switchable'], 'seat.lockoff' => ['answer' => 'no']];
        $this->signedIn()->post('/calculators/flight/check', ['submission' => Str::uuid()->toString(), 'f' => $typed, 'first_name' => 'Juniper', 'consent' => '1'])->assertRedirect()->assertSessionHasNoErrors();
        $case = AssembleCase::read(Visit::query()->orderByDesc('id')->firstOrFail()->checks()->firstOrFail(), InspectionPhase::Found);
        self::assertSame([true, null, null], [$case->seat?->aircraftCertified, $case->setup?->heldBy, $case->setup?->position]);
        self::assertNull($case->vehicle?->positions[0]->retractor);
    }

    public function testEveryFinderIsTwoTapsAway(): void
    {
        $this->signedIn()->get('/')->assertSee('href="' . route('calculators.index') . '"', false);
        $list = $this->get('/calculators')->assertOk();
        foreach (Calculator::cases() as $calculator) {
            $list->assertSee(route('calculators.show', $calculator->value), false);
            $this->get("/calculators/{$calculator->value}")->assertOk()->assertSee('Enter what you know; the answer stands here.');
        }
        $this->get('/calculators/horoscope')->assertNotFound();
    }

    public function testItBecomesACheckWithWhatWasEntered(): void
    {
        $before = Visit::query()->count();
        $typed = ['setup.mode' => ['answer' => 'rear_harness'], 'child.shoulder_height' => ['amount' => '270', 'unit' => 'mm'], 'seat.slots' => ['lines' => "200\n245", 'unit' => 'mm']];
        $submission = Str::uuid()->toString();
        $send = fn(array $more) => $this->signedIn()->post('/calculators/slot/check', ['submission' => $submission, 'f' => $typed] + $more);

        $send([])->assertSessionHasErrors(['first_name', 'consent']);
        $to = $send(['first_name' => 'Juniper', 'consent' => '1'])->assertRedirect()->headers->get('Location');
        $send(['first_name' => 'Juniper', 'consent' => '1'])->assertRedirect($to);
        self::assertSame($before + 1, Visit::query()->count(), 'sent twice, made once');
        $this->get((string) $to)->assertOk()->assertSee('data-station="buckle"', false)->assertSee('The shoulder is 10.6 in above the cushion.');
    }

    public function testTheHandbookIsSearchable(): void
    {
        $this->signedIn()->get('/handbook')->assertOk()->assertSee('data-rule="measure.loose"', false)->assertSee('at most 1 in')->assertSee('Where schools differ');
        $this->get('/handbook?q=locking+clip')->assertOk()->assertSee('data-rule="secure.clip_far"', false)->assertDontSee('data-rule="measure.loose"', false);
        $this->get('/handbook?q=zzz')->assertOk()->assertSee('No rule has all of these words.');
    }
}
