<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BusLayout;
use Illuminate\Testing\TestResponse;

/** A bus entered and changed on screen: benches, systems in stock, riders. */
final class BusLayoutTest extends FeatureTestCase
{
    /**
     * @param array<string, mixed> $with
     * @return array<string, mixed>
     */
    private static function typed(array $with = []): array
    {
        return $with + [
            'name' => 'Bus 9', 'gross' => '14500 lb', 'rows' => '2',
            'bench' => [
                '1 left' => ['places' => '2', 'belt' => 'lap_shoulder', 'lower_anchors' => '1', 'space' => '27 in'],
                '1 right' => ['places' => '2', 'belt' => 'lap', 'space' => ''],
                '2 left' => ['places' => '3', 'belt' => 'none', 'exit' => '1'],
                '2 right' => ['places' => '', 'belt' => 'none'],
            ],
            'system' => [
                ['id' => 'R', 'kind' => 'rear_harness', 'fixed_by' => ['belt', 'lower_anchors'], 'count' => '2', 'weight_max' => '22 lb', 'width_places' => '1', 'depth' => '600 mm'],
                ['id' => '', 'kind' => '', 'count' => '', 'width_places' => '1'],
            ],
            'roster' => "name,weight,stop\nAda,18 lb,1\n",
        ];
    }

    /**
     * @param array<string, mixed> $with
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function save(array $with = [], string $to = '/bus/layouts'): TestResponse
    {
        return $this->signedIn()->post($to, self::typed($with));
    }

    public function testABusIsEnteredAndPlannedAtOnce(): void
    {
        $this->signedIn()->get('/bus/layouts/new')->assertOk()->assertSee('data-bench-fields="5 right"', false);
        $this->save()->assertSessionHasNoErrors()->assertRedirect();
        $bus = BusLayout::query()->where('name', 'Bus 9')->firstOrFail();
        self::assertEquals([1, 1, 2], array_map(static fn(object $bench): mixed => ((array) $bench)['row'], $bus->benches));
        self::assertEquals(['value' => 27, 'unit' => 'in'], (array) data_get($bus->benches[0], 'space'));
        self::assertSame([true, true, false], array_map(static fn(object $bench): mixed => ((array) $bench)['panel_ahead'], $bus->benches));
        self::assertCount(1, $bus->systems, 'an empty entry is none');
        $this->get("/bus/plan?bus={$bus->id}")->assertOk()->assertSee('Bus 9')->assertSee('Ada,18 lb,1');
        $this->post('/bus/plan', ['shown' => $bus->id, 'roster' => $bus->roster])->assertSee('Ada: row 1 left');
    }

    public function testItIsChangedAndNobodyOverwritesAnother(): void
    {
        $this->save();
        $bus = BusLayout::query()->where('name', 'Bus 9')->firstOrFail();
        $form = $this->get("/bus/layouts/{$bus->id}/edit")->assertOk()->assertSee('value="27 in"', false)->assertSee('value="14500 lb"', false)->assertSee('value="600 mm"', false)->assertSee('Ada,18 lb,1');
        $form->assertSee('value="lower_anchors"', false);
        $to = "/bus/layouts/{$bus->id}";
        $this->save(['seen' => 'another time', 'name' => 'Bus 10'], $to)->assertStatus(422)->assertSee('Somebody changed this bus')->assertSee('value="Bus 10"', false)->assertSee(e($bus->seen()), false);
        self::assertSame('Bus 9', $bus->refresh()->name);
        $this->save(['seen' => $bus->seen(), 'name' => 'Bus 10', 'system' => []], $to)->assertRedirect();
        self::assertSame(['Bus 10', []], [$bus->refresh()->name, $bus->systems]);
        $this->save(['seen' => $bus->seen(), 'name' => 'Bus 4'], $to)->assertSessionHasErrors('name');
    }

    public function testMoreRowsAreAsTheLastAndNothingTypedIsLost(): void
    {
        $more = $this->save(['rows' => '4', 'more' => 'rows', 'name' => ''])->assertOk();
        $more->assertSee('data-bench-fields="4 left"', false)->assertSee('value="27 in"', false)->assertSee('value="R"', false);
        self::assertSame(6, substr_count((string) $more->getContent(), '<option value="none" selected'), 'rows 2 to 4, as row 2 is');
        $this->save(['more' => 'system'])->assertOk()->assertSee('system[2][id]', false);
        $this->save(['rows' => '9999', 'more' => 'rows'])->assertOk()->assertSee('data-bench-fields="30 right"', false)->assertDontSee('data-bench-fields="31 left"', false);
        self::assertSame(2, BusLayout::query()->count());
    }

    public function testWhatCannotBeIsSaidWithItsPlace(): void
    {
        $this->save(['bench' => ['1 left' => ['places' => 'two', 'belt' => 'none', 'space' => 'much']]])->assertStatus(422)->assertSee('Row 1 left: “two” is no whole number')->assertSee('Row 1 left:')->assertSee('value="much"', false)->assertSee('Ada,18 lb,1');
        $this->save(['bench' => []])->assertStatus(422)->assertSee('Enter at least one bench');
        $this->save(['system' => [['id' => 'R', 'kind' => 'rear_harness', 'fixed_by' => [], 'count' => '1']]])->assertStatus(422)->assertSee('R: enter a sign, and what may fix it');
        $this->save(['system' => [['id' => 'R', 'kind' => '', 'fixed_by' => ['belt'], 'count' => '1']]])->assertStatus(422)->assertSee('R:');
        $this->save(['bench' => ['1 left' => ['places' => '2', 'belt' => 'rope']]])->assertStatus(422)->assertSee('Row 1 left:');
        $this->save(['bench' => ['1 left' => ['places' => '2', 'integrated' => 'R']]])->assertStatus(422)->assertSee('Row 1 left:');
        $this->save(['roster' => "who\nA\n"])->assertStatus(422)->assertSee('The first line names the columns');
        $this->save(['name' => ''])->assertSessionHasErrors('name');
        $this->save(['name' => ['x'], 'bench' => 'x', 'system' => 'y', 'rows' => ['z'], 'roster' => ['r'], 'gross' => ['g']])->assertSessionHasErrors('name');
        $this->save(['bench' => 'x', 'system' => 'y', 'rows' => ['z'], 'roster' => ['r'], 'gross' => ['g']])->assertStatus(422);
        self::assertSame(2, BusLayout::query()->count());
        $this->get('/bus/layouts/x/edit')->assertNotFound();
        $this->get('/bus/layouts/99/edit')->assertNotFound();
    }

    public function testOutOfUseAndBack(): void
    {
        $bus = BusLayout::query()->orderBy('id')->firstOrFail();
        $this->signedIn()->post("/bus/layouts/{$bus->id}/use")->assertRedirect();
        $this->get('/bus/plan')->assertDontSee('Bus 4')->assertSee('Bus 17');
        $this->get('/bus/trips')->assertSee('Bus 4', false);
        $this->get("/bus/layouts/{$bus->id}/edit")->assertSee('Use it again');
        $this->post("/bus/layouts/{$bus->id}/use");
        $this->get('/bus/plan')->assertSee('Bus 4');
    }

    public function testRidersAndStockAreKeptFromThePlan(): void
    {
        $bus = BusLayout::query()->orderBy('id')->firstOrFail();
        $this->signedIn()->post("/bus/layouts/{$bus->id}/roster", ['shown' => $bus->id, 'roster' => "name,weight\nZoe,50 lb\n", 'count' => ['R' => '7']])->assertOk()->assertSee('Kept.')->assertSee('Zoe');
        self::assertSame(["name,weight\nZoe,50 lb", 7], [$bus->refresh()->roster, data_get($bus->systems[0], 'count')]);
        $this->post("/bus/layouts/{$bus->id}/roster", ['shown' => $bus->id, 'roster' => "who\n", 'count' => ['R' => '9']])->assertOk()->assertDontSee('Kept.')->assertSee('The first line names the columns');
        self::assertSame("name,weight\nZoe,50 lb", $bus->refresh()->roster);
    }
}
