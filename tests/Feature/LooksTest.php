<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Check;
use App\Models\Fact;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use MintBuckle\Core\Record\InspectionPhase;
use Symfony\Component\HttpFoundation\Response;

/** Several plain looks in one press: each line a fact of its own, and nobody's answer lost. */
final class LooksTest extends FeatureTestCase
{
    private const LISTED = ['setup.harness.buckled', 'setup.harness.too_tight', 'setup.harness.twisted', 'setup.harness.slouch', 'setup.harness.coat', 'setup.harness.padding', 'setup.harness.clip', 'setup.harness.crotch.under_child'];

    public function testLooksStandTogetherAndNoQuestionTwice(): void
    {
        $html = (string) $this->signedIn()->get('/checks/' . self::check(5)->id . '/found/buckle')->assertOk()->assertSee('Press what is not so')->assertSee('No bulky coat under the harness')->getContent();
        foreach (self::LISTED as $path) {
            self::assertSame(1, substr_count($html, "data-path=\"{$path}\""), $path);
        }
        self::assertStringNotContainsString('checked', (string) strstr($html, 'data-looks'), 'nothing is preselected');
    }

    public function testTheRestIsKeptLineByLineAndSaysSo(): void
    {
        $check = self::check(5);
        $this->rest($check, self::LISTED)->assertOk()->assertDontSee('Press what is not so');
        $kept = Fact::query()->where('check_id', $check->id)->where('affirmed', true)->with('author')->orderBy('seq')->get();

        self::assertEqualsCanonicalizing(self::LISTED, $kept->pluck('key')->all());
        self::assertSame(['wren'], array_values(array_unique($kept->map(static fn(Fact $f): string => $f->author->login)->all())));
        self::assertSame([true, false, 'armpit'], [
            $check->caseOf(InspectionPhase::Found)->case->setup?->harness->buckled,
            $check->caseOf(InspectionPhase::Found)->case->setup?->harness->coat,
            $check->caseOf(InspectionPhase::Found)->case->setup?->harness->clip?->value,
        ]);
        $this->get("/checks/{$check->id}/log")->assertSee('affirmed in a list');
        $this->post("/checks/{$check->id}/undo/buckle", ['id' => Str::uuid7()->toString(), 'phase' => 'found', 'undoes' => $kept->last()?->id], ['HX-Request' => 'true'])->assertOk();
        $without = Check::query()->findOrFail($check->id)->caseOf(InspectionPhase::Found)->case->setup?->harness;
        self::assertSame([null, true], [$without?->crotch?->underChild, $without?->buckled], 'taken back line by line');
    }

    public function testALineThatIsNotSoIsAFaultAtOnce(): void
    {
        $check = self::check(5);
        $this->signedIn()->answer($check, 'setup.harness.coat', ['answer' => 'yes'], InspectionPhase::Found, station: 'buckle')->assertOk()->assertSee('data-code="harness.coat"', false)->assertSee('Press what is not so');
        $this->rest($check, array_values(array_diff(self::LISTED, ['setup.harness.coat'])))->assertOk()->assertSee('data-code="harness.coat"', false);
    }

    /** Movement may be felt by hand: one press instead of a figure, and then it is asked no more. */
    public function testMovementIsFeltOrMeasured(): void
    {
        $check = self::check(5);
        $this->signedIn()->answer($check, 'setup.movement.at_belt_path', ['answer' => 'yes'], InspectionPhase::Found)->assertOk();
        $asked = fn(): string => (string) $this->get("/checks/{$check->id}/found/measure")->getContent();
        self::assertStringContainsString('data-felt', $asked());
        preg_match('/name="key" value="(setup\.movement\.\w+_felt)"/', $asked(), $m);
        $figure = '"next-' . strtr(substr($m[1] ?? '', 0, -5), '._', '--') . '"';
        self::assertStringContainsString($figure, $asked());
        $this->answer($check, $m[1] ?? '', ['answer' => 'within'], InspectionPhase::Found)->assertOk();
        self::assertStringNotContainsString($figure, $asked());
    }

    /** What somebody else answered since the list was shown stays as it was answered. */
    public function testTwoPeopleAtOneList(): void
    {
        $check = self::check(5);
        $this->signedIn('odalys')->answer($check, 'setup.harness.twisted', ['answer' => 'yes'], InspectionPhase::Found, station: 'buckle')->assertOk();
        $this->rest($check, self::LISTED)->assertOk()->assertSee('data-code="harness.twist"', false);
        $this->rest($check, self::LISTED)->assertOk();

        self::assertSame(count(self::LISTED), Fact::query()->where('check_id', $check->id)->whereIn('key', self::LISTED)->count(), 'pressed twice it is kept once');
    }

    /** "Cannot tell" is an answer too: a list that was shown before never makes it good. */
    public function testWhatSomebodyCannotTellStaysUnknown(): void
    {
        $check = self::check(5);
        $this->signedIn('odalys')->answer($check, 'setup.harness.coat', ['answer' => 'unknown'], InspectionPhase::Found, station: 'buckle')->assertOk();
        $this->rest($check, self::LISTED)->assertOk();

        $harness = Check::query()->findOrFail($check->id)->caseOf(InspectionPhase::Found)->case->setup?->harness;
        self::assertSame([null, false], [$harness?->coat, $harness?->twisted]);
    }

    public function testOnlyPlainLooksAreTaken(): void
    {
        $check = self::check(5);
        $before = Fact::query()->where('check_id', $check->id)->count();
        $this->rest($check, ['setup.harness.buckled', 'vehicle.positions.0.airbag'])->assertStatus(422);
        $this->rest($check, ['setup.harness.buckled', 'seat.history.altered'])->assertStatus(422);
        $this->rest($check, [])->assertInvalid('lines');
        self::assertSame($before, Fact::query()->where('check_id', $check->id)->count());
    }

    /**
     * @param list<string> $paths
     * @return TestResponse<Response>
     */
    private function rest(Check $check, array $paths): TestResponse
    {
        $lines = array_map(static fn(string $path): string => $path . ' ' . Str::uuid7()->toString(), $paths);

        return $this->signedIn()->post("/checks/{$check->id}/looks/buckle", ['phase' => 'found', 'lines' => $lines], ['HX-Request' => 'true']);
    }
}
