<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CheckupEvent;
use App\Models\Fact;
use App\Models\User;
use App\Models\Visit;

/** A family leaves after a second look: what is open is named, a reason is given, and a second person agrees where the day asks for one. */
final class DepartureTest extends FeatureTestCase
{
    public function testNothingLeavesByOnePress(): void
    {
        $visit = self::visit(3);
        $this->signedIn()->get("/visits/{$visit->id}/sheet")->assertSee("/visits/{$visit->id}/departure", false)->assertDontSee('sign and close');
        $this->get("/visits/{$visit->id}/departure")->assertOk()
            ->assertSeeInOrder(['Child A: Fix first', 'Fix:', 'The strap leaves the seat 0.8 in above the shoulder', 'Not looked at:', 'Why does the family leave with this open?', 'A second person has looked at this too', 'The family leaves with this open']);
    }

    public function testWithoutAReasonOrASecondPersonNobodyLeaves(): void
    {
        $visit = self::visit(3);
        $odalys = User::query()->where('login', 'odalys')->firstOrFail();
        $this->signedIn();
        foreach ([
            [[], 'Choose or write down why'],
            [['reason' => 'comes_back'], 'This day asks for a second person'],
            [['reason' => 'comes_back', 'second' => $odalys->id, 'password' => 'wrong'], 'This day asks for a second person'],
            [['reason' => 'comes_back', 'second' => User::query()->where('login', 'wren')->firstOrFail()->id, 'password' => 'market-day'], 'This day asks for a second person'],
            [['reason' => 'comes_back', 'seen' => str_repeat('0', 40)], 'Something was entered since this page was made'],
        ] as [$sent, $word]) {
            $seen = $this->seen($visit);
            $this->followingRedirects()->post("/visits/{$visit->id}/departure", $sent + ['seen' => $seen])->assertSee($word);
            self::assertNull($visit->refresh()->left_at);
        }
    }

    public function testTheReasonStandsOnTheSheetAndInTheLog(): void
    {
        $visit = self::visit(3);
        $odalys = User::query()->where('login', 'odalys')->firstOrFail();
        $this->signedIn()->post("/visits/{$visit->id}/departure", ['seen' => $this->seen($visit), 'reason' => 'other_seat', 'words' => 'grandmother has one', 'second' => $odalys->id, 'password' => 'market-day'])->assertRedirect("/visits/{$visit->id}/sheet");
        $check = self::check(3);
        $signed = $check->signed_at;

        self::assertSame(['fix_first', '2026.1', 'wren'], [$check->assessment['verdict'] ?? null, $check->rulebook, User::query()->findOrFail($check->signed_by)->login]);
        $this->get("/visits/{$visit->id}/sheet")->assertSee('You left with something open')->assertSee('The child rides in another seat or another car today: grandmother has one.')->assertSee('Looked at a second time by Odalys.');
        $this->get("/checks/{$check->id}/log")->assertSee('Left with something open')->assertSee('The child rides in another seat or another car today: grandmother has one')->assertDontSee('other_seat');
        $this->get("/visits/{$visit->id}/departure")->assertRedirect("/visits/{$visit->id}/sheet");
        $this->signedIn('odalys')->post("/visits/{$visit->id}/departure", ['seen' => str_repeat('0', 40)]);
        self::assertEquals($signed, self::check(3)->signed_at, 'once');
    }

    /** Asked where a seat is not used any more, kept only when the family leaves, and told in whichever language. */
    public function testWhatBecomesOfASeatThatIsNotUsedAnyMoreStandsOnTheSheet(): void
    {
        $visit = self::visit(4);
        $odalys = User::query()->where('login', 'odalys')->firstOrFail();
        $this->signedIn()->get('/visits/' . self::visit(3)->id . '/departure')->assertOk()->assertDontSee('name="withdrawn', false);
        $this->get("/visits/{$visit->id}/departure")->assertOk()->assertSee('Child A: what becomes of the seat')->assertDontSee('Child B: what becomes');
        $kept = static fn(): int => Fact::query()->where('key', 'withdrawn.seat')->count();
        $leave = ['seen' => $this->seen($visit), 'reason' => 'other_seat', 'withdrawn' => ['A' => 'destroyed', 'Z' => 'kept']];
        $this->post("/visits/{$visit->id}/departure", $leave)->assertRedirect("/visits/{$visit->id}/departure");
        $this->post("/visits/{$visit->id}/departure", ['withdrawn' => ['A' => 'eaten']] + $leave)->assertSessionHasErrors('withdrawn.A');
        self::assertSame(0, $kept(), 'nobody has left');
        $this->post("/visits/{$visit->id}/departure", $leave + ['second' => $odalys->id, 'password' => 'market-day'])->assertRedirect("/visits/{$visit->id}/sheet");
        self::assertSame(1, $kept());
        $this->get("/visits/{$visit->id}/sheet")->assertSee('The seat that is not used any more: straps cut, thrown away.');
        $this->get('/checks/' . self::check(4)->id . '/log')->assertSee('What became of the seat')->assertSee('straps cut, thrown away');
        User::query()->where('login', 'wren')->update(['language' => 'es']);
        $this->signedIn()->get('/checks/' . self::check(4)->id . '/log')->assertSee('correas cortadas, a la basura');
    }

    /** A colleague's password is not guessed here any more than at the sign-in. */
    public function testGuessingEnds(): void
    {
        $visit = self::visit(3);
        $guess = ['seen' => $this->signedIn()->seen($visit), 'reason' => 'comes_back', 'second' => User::query()->where('login', 'odalys')->firstOrFail()->id, 'password' => 'guess'];
        for ($i = 0; $i < 20; $i++) {
            $this->post("/visits/{$visit->id}/departure", $guess)->assertRedirect();
        }
        $this->post("/visits/{$visit->id}/departure", $guess)->assertTooManyRequests();
        self::assertNull($visit->refresh()->left_at);
    }

    public function testWhereTheDayAsksForNobodyOneIsEnough(): void
    {
        CheckupEvent::query()->update(['second_signer' => false]);
        $visit = self::visit(7);
        $this->signedIn()->get("/visits/{$visit->id}/departure")->assertDontSee('A second person');
        $this->post("/visits/{$visit->id}/departure", ['seen' => $this->seen($visit), 'words' => 'the ferry goes'])->assertRedirect("/visits/{$visit->id}/sheet");

        self::assertSame(['the ferry goes', null], [$visit->refresh()->left_because, $visit->left_seen_by]);
    }

    /** Times are those of the event's clock. */
    public function testTimesAreLocal(): void
    {
        $visit = self::visit(3);
        $visit->update(['arrived_at' => '2026-07-01 14:05:00']);
        $this->signedIn()->get('/')->assertSee('10:05');
        CheckupEvent::query()->update(['timezone' => 'Pacific/Auckland']);
        $this->get('/')->assertSee('02:05');
    }

    private function seen(Visit $visit): string
    {
        preg_match('/name="seen" value="(\w{40})"/', (string) $this->get("/visits/{$visit->id}/departure")->getContent(), $m);

        return $m[1] ?? self::fail('the page does not say what was open');
    }
}
