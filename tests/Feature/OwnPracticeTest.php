<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Checks\Judge;
use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\PracticeCopy;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Record\InspectionPhase;
use Tests\Core\Cases;

/** An organisation's own figures, and the same facts under another practice. */
final class OwnPracticeTest extends FeatureTestCase
{
    private const FORM = ['name' => 'harbour', 'base' => 'us', 'figures' => ['movement' => 'under 15 mm', 'no_tether' => 'never'], 'sources' => ['movement' => 'Council note 3', 'no_tether' => 'Council note 4']];

    public function testOneFigureOfAPracticeIsChangedJudgedAndNamed(): void
    {
        $check = self::check(3);
        foreach (['side', 'front'] as $direction) {
            $this->signedIn()->post("/checks/{$check->id}/facts/measure", ['id' => (string) Str::uuid7(), 'phase' => 'left', 'key' => "setup.movement.{$direction}", 'answer' => '20', 'amount' => '20', 'unit' => 'mm'])->assertRedirect();
        }
        self::assertNotContains('measure.loose', self::codes($check->id));

        $this->signedIn('ines')->get('/practices')->assertOk()->assertSee('No copy yet');
        $this->from('/practices/new')->post('/practices', ['sources' => []] + self::FORM)->assertSessionHasErrors(['figures.movement', 'figures.no_tether']);
        $this->from('/practices/new')->post('/practices', ['name' => 'us'] + self::FORM)->assertSessionHasErrors('name');
        $this->from('/practices/new')->post('/practices', ['figures' => ['movement' => '2 in']] + self::FORM)->assertSessionHasErrors('figures.movement');
        $this->post('/practices', self::FORM)->assertRedirect('/practices');
        $copy = PracticeCopy::query()->sole();
        $this->post('/practices', self::FORM)->assertSessionHasErrors('name');
        $this->get('/practices')->assertSee('Council note 3')->assertSee('harbour');
        $this->get("/practices/{$copy->id}/edit")->assertOk()->assertSee('value="under 15 mm"', false);

        $event = CheckupEvent::current();
        $this->get("/events/{$event->id}/edit")->assertSee('name="practice_copy_id"', false);
        $event->update(['practice_copy_id' => $copy->id]);
        self::assertContains('measure.loose', self::codes($check->id));
        $finding = self::finding($check->id, 'measure.loose');
        self::assertSame(['practice:harbour', 'harbour (Council note 3)'], [$finding->from, $finding->sources[0]->of]);
        $this->signedIn()->get("/checks/{$check->id}/left/measure")->assertSee('harbour (Council note 3)');

        // Side by side with the practice that it copies, only this differs.
        $this->get("/checks/{$check->id}/practices?with=us")->assertOk()->assertSee('data-only="onlyHere"', false)->assertSee('data-code="measure.loose"', false)->assertSee('data-figure="movement"', false)->assertSee('data-school="movement"', false)->assertDontSee('data-figure="booster_from"', false);

        $this->signedIn('ines')->put("/practices/{$copy->id}", ['figures' => ['movement' => '1 in'], 'sources' => ['movement' => 'Council note 5']] + self::FORM)->assertRedirect();
        self::assertNotContains('measure.loose', self::codes($check->id), 'a figure that was changed again holds at once');
        $this->signedIn()->get('/practices')->assertForbidden();
    }

    public function testAnEventTakesACopyOfItsOwnPracticeAlone(): void
    {
        $this->signedIn('ines')->post('/practices', self::FORM);
        $copy = PracticeCopy::query()->sole();
        $event = CheckupEvent::current();
        $plan = ['name' => 'x', 'held_on' => $event->held_on->toDateString(), 'timezone' => 'UTC', 'bays' => 4, 'minutes_per_seat' => 30, 'practice' => 'us', 'crash_policy' => 'strict'];
        $this->put("/events/{$event->id}", ['practice_copy_id' => $copy->id] + $plan)->assertSessionHasNoErrors();
        self::assertSame($copy->id, $event->refresh()->practice_copy_id);
        $this->put("/events/{$event->id}", ['practice_copy_id' => $copy->id, 'practice' => 'nz'] + $plan)->assertSessionHasErrors('practice_copy_id');
        $this->put("/events/{$event->id}", ['practice_copy_id' => ''] + $plan)->assertSessionHasNoErrors();
        self::assertNull($event->refresh()->practice_copy_id);
    }

    public function testFromACheckACalculatorAndAFile(): void
    {
        $check = self::check(3);
        foreach (['nz', 'au', 'nonsense'] as $with) {
            $this->signedIn()->get("/checks/{$check->id}/practices?with={$with}")->assertOk()->assertSee('data-here=', false)->assertSee('data-there=', false);
        }
        $this->get('/calculators/expiry/practices?f[seat.made_on][answer]=2020-03&with=nz')->assertOk()->assertSee('data-here=', false);
        $this->get('/calculators/expiry?f[seat.made_on][answer]=2020-03')->assertSee('data-practices', false);

        $file = static fn(string $json): array => ['case' => UploadedFile::fake()->createWithContent('case.json', $json), 'with' => 'nz'];
        $good = json_encode(Cases::json(Cases::REAR, ['setup.movement.side' => Cases::q(25, 'mm')]), JSON_THROW_ON_ERROR);
        $this->get('/practices/file')->assertOk();
        $this->post('/practices/file', $file($good))->assertOk()->assertSee('data-here="good_to_ride"', false)->assertSee('data-there="fix_first"', false)->assertSee('data-code="measure.loose"', false)->assertSee('data-school="movement"', false);
        $this->post('/practices/file', ['with' => 'us'] + $file($good))->assertOk();
        $this->post('/practices/file', $file('{"format"'))->assertRedirect('/practices/file')->assertSessionHasErrors('case');
        $this->post('/practices/file')->assertSessionHasErrors('case');
    }

    public function testNothingThatDiffersIsSaid(): void
    {
        $good = json_encode(Cases::json(Cases::REAR), JSON_THROW_ON_ERROR);
        $this->signedIn()->post('/practices/file', ['case' => UploadedFile::fake()->createWithContent('case.json', $good), 'with' => 'us'])->assertOk()->assertSee('New Zealand');
    }

    /** @return list<string> */
    private static function codes(string $check): array
    {
        return array_map(static fn(Finding $f): string => $f->code->value, self::judged($check));
    }

    private static function finding(string $check, string $code): Finding
    {
        return array_values(array_filter(self::judged($check), static fn(Finding $f): bool => $f->code->value === $code))[0] ?? self::fail($code);
    }

    /** @return list<Finding> */
    private static function judged(string $check): array
    {
        return resolve(Judge::class)->check(Check::query()->with('visit.event.recallList')->findOrFail($check), InspectionPhase::Left)->findings;
    }
}
