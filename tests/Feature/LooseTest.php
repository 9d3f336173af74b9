<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Check;
use App\Models\Fact;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use MintBuckle\Core\Record\InspectionPhase;
use Symfony\Component\HttpFoundation\Response;

/** A seat that will not hold: what is seen, what to try next, each try noted. */
final class LooseTest extends FeatureTestCase
{
    public function testOneStepAtATimeAndEachTryIsNoted(): void
    {
        $check = $this->looseCheck();
        $this->note($check, 'slack_comes_back')->assertOk()->assertSee('data-attempt="ratchet_again"', false)->assertSee('1 of ');
        $this->note($check, 'slack_comes_back', 'ratchet_again')->assertOk()->assertSee('data-attempt="rock_it"', false)->assertSee('2 of ');
        $this->note($check, 'still_loose')->assertOk()->assertSee('data-attempt="weight_in"', false);

        self::assertSame(['seen.slack_comes_back', 'tried.slack_comes_back.ratchet_again', 'seen.still_loose'], Fact::query()->where('check_id', $check->id)->where('key', '~', '^(seen|tried)[.]')->orderBy('seq')->pluck('key')->all());
        $this->get("/checks/{$check->id}/log")->assertSee('Tried: Draw the belt out slowly')->assertSee('Seen: Slack comes back');
    }

    public function testTheTriesAndWhatWasChangedBetweenThemAreTold(): void
    {
        $check = $this->looseCheck();
        $this->note($check, 'slack_comes_back', 'ratchet_again');
        $this->get("/checks/{$check->id}/left/measure")->assertSee('Side to side: 1.5 in')->assertDontSee('<li>Overhang', false);
        $this->answer($check, 'setup.movement.side_felt', ['answer' => 'within'])->assertOk()->assertDontSee('data-code="measure.loose"', false);
        $this->get("/checks/{$check->id}/left/measure")->assertOk()->assertSeeInOrder(['data-trail', 'Side to side, by feel: More', 'Tried: Draw the belt out slowly', 'Side to side, by feel: Within'], false);
    }

    /** A tight tether can hide a loose seat: how it was while the seat was tried is one press beside the try. */
    public function testTheTethersStateIsOnePressBesideTheTry(): void
    {
        $check = $this->looseCheck();
        $this->get("/checks/{$check->id}/left/measure")->assertDontSee('data-tether-tried', false);
        $this->answer($check, 'setup.tether.used', ['answer' => 'yes'])->assertOk();
        $this->answer($check, 'setup.movement.side_felt', ['answer' => 'more'])->assertOk()->assertSee('data-tether-tried', false)->assertSee('Tether was tight');
        $this->answer($check, 'setup.movement.tether_loose', ['answer' => 'no'])->assertOk();
        self::assertFalse(Check::query()->with('visit.event.recallList')->findOrFail($check->id)->caseOf(InspectionPhase::Left)->case->setup?->movement->tetherLoose);
    }

    public function testOnlyWhatThereIs(): void
    {
        $check = $this->looseCheck();
        foreach ([['nonsense', null], ['still_loose', 'nonsense'], ['still_loose', 'other_lock.nonsense'], ['', null]] as [$sight, $attempt]) {
            $this->note($check, $sight, $attempt)->assertInvalid();
        }
        self::assertSame(0, Fact::query()->where('check_id', $check->id)->where('key', '~', '^(seen|tried)[.]')->count());
    }

    private function looseCheck(): Check
    {
        $check = self::check(3);
        $this->signedIn()->answer($check, 'setup.movement.side_felt', ['answer' => 'more', 'with' => 'setup.movement.side unknown', 'with_id' => Str::uuid7()->toString()])
            ->assertOk()->assertSee('data-mend="measure.loose/side"', false)->assertDontSee('data-attempt', false);

        return $check;
    }

    /** @return TestResponse<Response> */
    private function note(Check $check, string $sight, ?string $attempt = null): TestResponse
    {
        return $this->post("/checks/{$check->id}/tries/measure", ['id' => Str::uuid7()->toString(), 'phase' => InspectionPhase::Left->value, 'sight' => $sight, 'attempt' => $attempt], ['HX-Request' => 'true']);
    }
}
