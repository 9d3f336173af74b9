<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Checks\AssembleCase;
use App\Models\Check;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use MintBuckle\Core\Record\InspectionPhase;
use Symfony\Component\HttpFoundation\Response;
use Tests\Told;

/** What hands do beside answering: take back, decline, put right, tick the card, look into the manual. */
final class HandsTest extends FeatureTestCase
{
    public function testUndoIsANewFactAndBringsBackWhatWas(): void
    {
        $check = self::check(3);
        $this->signedIn()->answer($check, 'setup.harness.slot', ['answer' => '2'])->assertOk()->assertSee('Undo: Slot');
        $count = $check->facts()->count();
        $this->undo($check)->assertOk()->assertSee('data-code="harness.height"', false);

        self::assertSame($count + 1, $check->facts()->count());
        self::assertSame(3, self::slot($check));
        $this->get("/checks/{$check->id}/log")->assertOk()->assertSee('(taken back)');
    }

    public function testUndoTwiceTakesTheOneBeforeAndTheSameOneOnlyOnce(): void
    {
        $check = self::check(3);
        $this->signedIn()->answer($check, 'setup.harness.slot', ['answer' => '2']);
        $this->answer($check->fresh() ?? $check, 'setup.harness.slot', ['answer' => '1']);
        $last = self::last($check);
        $this->undo($check, $last);
        $this->undo($check, $last)->assertOk();
        self::assertSame(2, self::slot($check), 'a repeated press takes back nothing more');
        $this->undo($check);
        self::assertSame(3, self::slot($check));
    }

    public function testUndoOfWhatIsNoLongerTheLastIsRefused(): void
    {
        $check = self::check(3);
        $this->signedIn()->answer($check, 'setup.harness.slot', ['answer' => '2']);
        $seen = self::last($check);
        $this->answer($check->fresh() ?? $check, 'setup.twisted', ['answer' => 'yes']);

        $this->undo($check, $seen)->assertStatus(422)->assertSee('Something was entered in the meantime. Look at it first, then undo.');
        self::assertTrue(AssembleCase::read($check->fresh() ?? $check, InspectionPhase::Left)->setup->twisted ?? false);
    }

    public function testAStepOfTheCardIsNoEntryToUndo(): void
    {
        $check = self::check(3);
        $this->signedIn()->answer($check, 'setup.harness.slot', ['answer' => '2']);
        $last = self::last($check);
        $this->tick($check, 'technician.1')->assertOk();

        self::assertSame($last, self::last($check));
    }

    public function testDecliningNeedsAReasonAndStaysOpen(): void
    {
        $check = self::check(3);
        $decline = fn(array $more): TestResponse => $this->signedIn()->post("/checks/{$check->id}/declines/buckle", ['id' => Str::uuid7()->toString(), 'phase' => 'left', 'subject' => 'harness.height'] + $more, ['HX-Request' => 'true']);

        $decline(['holds' => '1', 'note' => ' '])->assertStatus(422);
        $decline(['holds' => '1', 'note' => 'He cries otherwise'])->assertOk()->assertSee('The family declines: “He cries otherwise”. It still counts as open.')->assertSee('data-verdict="fix_first"', false);
        $this->get("/visits/{$check->visit_id}/sheet")->assertSee('He cries otherwise');
        $title = Told::in('en')->word('findings.harness.height.title');
        $this->get("/checks/{$check->id}/log")->assertSee("Declined: {$title}")->assertDontSee('Declined: harness.height');
        $decline(['holds' => '0'])->assertOk()->assertDontSee('He cries otherwise');
    }

    public function testWhatWasChangedMakesWhatWasMeasuredStale(): void
    {
        $check = self::check(3);
        $this->signedIn()->answer($check, 'setup.harness.slot', ['answer' => '2'])->assertOk()
            ->assertSee('data-verdict="not_finished"', false)->assertSee('Look again.')
            ->assertDontSee('data-corrected="harness.slack"', false);
        foreach (['setup.harness.tightness.passes' => 'yes', 'setup.harness.clip' => 'armpit', 'setup.harness.too_tight' => 'no'] as $path => $answer) {
            $page = $this->answer($check->fresh() ?? $check, $path, ['answer' => $answer], station: 'buckle')->assertOk();
        }
        $page->assertDontSee('Look again.')->assertSee('data-corrected="harness.height"', false);
    }

    public function testTheSameAnswerAgainMakesNothingStale(): void
    {
        $check = self::check(3);
        $this->signedIn()->answer($check, 'setup.harness.slot', ['answer' => '3'])->assertOk()->assertDontSee('Look again.');
    }

    public function testTheCardIsTickedStepByStepAndUntickedAgain(): void
    {
        $check = self::check(3);
        preg_match_all('/name="subject"\s+value="([^"]+)"/', (string) $this->signedIn()->get("/checks/{$check->id}/card/technician")->assertOk()->getContent(), $subjects);
        [$first, $second] = $subjects[1];
        $this->tick($check, $first)->assertOk()->assertSee('data-done="1"', false);
        $this->tick($check, $first)->assertOk()->assertSee('data-done="1"', false);
        $this->tick($check, $second)->assertSee('data-done="2"', false);
        $this->get("/checks/{$check->id}/card/family")->assertOk()->assertSee('data-done="0"', false);
        $this->tick($check, $first, false)->assertSee('data-done="1"', false);
    }

    public function testTheSeatsOwnFigureGoesBeforeThePractice(): void
    {
        $check = self::check(3);
        $this->signedIn()->answer($check, 'setup.movement.side', ['amount' => '30', 'unit' => 'mm'])->assertSee('data-code="measure.loose"', false);
        $this->answer($check->fresh() ?? $check, 'seat.movement_max', ['amount' => '35', 'unit' => 'mm', 'note' => 'manual, page 34'])->assertOk()->assertDontSee('data-code="measure.loose"', false);
        $this->get("/checks/{$check->id}/log")->assertSee('manual, page 34');
    }

    public function testEntriesAreAddedAndTakenOut(): void
    {
        $check = self::check(3);
        $entry = fn(array $fields): TestResponse => $this->signedIn()->post("/checks/{$check->id}/facts/history", ['id' => Str::uuid7()->toString(), 'phase' => 'left'] + $fields, ['HX-Request' => 'true']);

        $entry(['entry' => 'seat.history.damage add', 'name' => 'shell', 'detail' => 'crack at the left hinge'])->assertOk()->assertSee('data-code="condition.damage"', false)->assertSee('data-state="damaged"', false);
        $entry(['entry' => 'seat.history.parts_missing yes', 'name' => 'base'])->assertOk()->assertSee('data-code="condition.part_missing"', false);
        $damage = AssembleCase::read($check->fresh() ?? $check, InspectionPhase::Left)->seat->history->damage ?? [];
        self::assertSame(['shell: crack at the left hinge'], $damage);
        $entry(['key' => 'seat.history.damage', 'answer' => 'remove', 'name' => $damage[0]])->assertOk()->assertDontSee('data-code="condition.damage"', false);
        self::assertSame([], AssembleCase::read($check->fresh() ?? $check, InspectionPhase::Left)->seat->history->damage ?? null);
    }

    public function testAnOptionalFactIsAskedForOnce(): void
    {
        $check = self::check(3);
        $page = $this->signedIn()->get("/checks/{$check->id}/left/label")->assertOk()->assertSee('data-note="seat.serial"', false);
        $page->assertDontSee('id="row-seat-serial"', false);
        $this->get("/checks/{$check->id}/left/label?note=seat.serial")->assertOk()->assertSee('id="row-seat-serial"', false);
        $this->get("/checks/{$check->id}/left/label?note=no.such.fact")->assertOk();
    }

    /** @return TestResponse<Response> */
    private function undo(Check $check, ?string $which = null): TestResponse
    {
        return $this->post("/checks/{$check->id}/undo/buckle", ['id' => Str::uuid7()->toString(), 'phase' => 'left', 'undoes' => $which ?? self::last($check)], ['HX-Request' => 'true']);
    }

    /** @return TestResponse<Response> */
    private function tick(Check $check, string $subject, bool $holds = true): TestResponse
    {
        return $this->post("/checks/{$check->id}/card/technician", ['id' => Str::uuid7()->toString(), 'phase' => 'left', 'subject' => $subject, 'holds' => $holds ? '1' : '0'], ['HX-Request' => 'true']);
    }

    private static function slot(Check $check): ?int
    {
        return AssembleCase::read($check->fresh() ?? $check, InspectionPhase::Left)->setup?->harness->slot;
    }

    private static function last(Check $check): string
    {
        return Check::query()->findOrFail($check->id)->log(InspectionPhase::Left)->last(InspectionPhase::Left)->id ?? self::fail('no entry');
    }
}
