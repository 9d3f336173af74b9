<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Check;
use App\Models\Fact;
use App\Models\RecallFollowUp;
use App\Models\RecallList;
use App\Models\User;
use App\Models\Visit;
use App\Visits\CompleteVisit;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use MintBuckle\Core\Finding\Verdict;
use Symfony\Component\HttpFoundation\Response;

/** What is learnt of a seat after its family has left. */
final class AmendTest extends FeatureTestCase
{
    /**
     * @param array<string, mixed> $more
     * @return TestResponse<Response>
     */
    private function add(Check $check, string $key, array $more, string $login = 'odalys'): TestResponse
    {
        return $this->signedIn($login)->from("/checks/{$check->id}/amend?fact={$key}")->post("/checks/{$check->id}/amend", ['id' => (string) Str::uuid7(), 'phase' => 'left', 'key' => $key] + $more);
    }

    private function signedCheck(): Check
    {
        $check = Check::query()->whereNotNull('signed_at')->where('verdict', 'good_to_ride')->whereNotNull('maker')->firstOrFail();

        return $check->load('visit');
    }

    public function testWhatIsLearntLaterStandsBesideWhatWasSigned(): void
    {
        $check = $this->signedCheck();
        $signed = $check->only(['signed_at', 'signed_by', 'rulebook', 'assessment', 'sheet']);
        $this->signedIn('odalys')->get("/checks/{$check->id}/amend")->assertOk()->assertSee('data-fact="seat.serial"', false)->assertDontSee('data-fact="handover.shown_back"', false);
        $this->get("/checks/{$check->id}/amend?fact=seat.history.altered")->assertOk()->assertSee('data-amends="seat.history.altered"', false);
        $this->add($check, 'seat.history.altered', ['answer' => 'yes'])->assertSessionHas('problem');
        self::assertSame(0, Fact::query()->where('amends', true)->count(), 'not without a reason');
        $this->add($check, 'seat.history.altered', ['answer' => 'yes', 'note' => 'The grandfather rang: he had sewn the strap.'])->assertSessionMissing('problem')->assertRedirect("/visits/{$check->visit_id}/sheet");

        $check->refresh();
        self::assertSame(Verdict::DoNotUse, $check->verdict);
        self::assertEquals($signed, $check->only(array_keys($signed)), 'what was signed stays');
        $this->get("/visits/{$check->visit_id}/sheet")->assertSee('data-amended', false)->assertSee('he had sewn the strap')->assertSee('Do not use')->assertSee('Odalys');
        $this->get("/checks/{$check->id}/log")->assertSee('added after it was signed');
        $this->get("/checks/{$check->id}/left/label")->assertSee('data-amend', false);
    }

    /** A signed "do not use" never gets better, neither by an amendment nor by another edition of the rules. */
    public function testItNeverGetsBetter(): void
    {
        $check = Check::query()->whereNotNull('signed_at')->where('verdict', 'do_not_use')->first();
        if ($check === null) {
            $visit = self::visit(4)->load('checks');
            resolve(CompleteVisit::class)($visit, User::query()->where('login', 'odalys')->sole(), null, 'other_seat', User::secondsFor($visit->event, User::query()->where('login', 'odalys')->sole())->first());
            $check = Check::query()->whereNotNull('signed_at')->where('verdict', 'do_not_use')->firstOrFail();
        }
        foreach (['seat.history.crash' => 'no', 'seat.history.altered' => 'no', 'seat.history.known' => 'yes'] as $key => $answer) {
            $this->add($check, $key, ['answer' => $answer, 'note' => 'The owner rang.'])->assertSessionMissing('problem');
        }
        $this->add($check, 'seat.use_until', ['answer' => '2040', 'note' => 'Read again.'])->assertSessionMissing('problem');
        self::assertSame(Verdict::DoNotUse, $check->refresh()->verdict);
        resolve(\App\Checks\Projection::class)->keep(Check::query()->with('visit.event.recallList')->findOrFail($check->id));
        self::assertSame('do_not_use', Check::query()->whereKey($check->id)->toBase()->value('verdict'));
    }

    /** SH-24-03 names OM-22* made in March to May 2021: a make date read later puts the family on the list of those to be told. */
    public function testAMakeDateLearntLateIsMatchedWithTheNewestRecalls(): void
    {
        $check = Check::query()->whereNotNull('signed_at')->where('model', 'OM-220')->firstOrFail();
        $list = RecallList::query()->orderByDesc('dated')->orderByDesc('id')->firstOrFail();
        self::assertNull(RecallFollowUp::query()->where('check_id', $check->id)->where('recall_list_id', $list->id)->first());
        $this->add($check, 'seat.made_on', ['answer' => '2021-04-02', 'note' => 'Read again on a picture of the label.'])->assertSessionMissing('problem');
        self::assertSame('affected', RecallFollowUp::query()->where('check_id', $check->id)->where('recall_list_id', $list->id)->value('answer'));
        self::assertSame(Verdict::DoNotUse, $check->refresh()->verdict);
        self::assertSame('2021-04-02', $check->made_on);
    }

    public function testWhatIsOpenIsNotAmendedAndWhoSignedIsNotChanged(): void
    {
        $open = self::check(3);
        $this->signedIn('odalys')->get("/checks/{$open->id}/amend")->assertNotFound();
        $this->add($open, 'seat.serial', ['answer' => 'X', 'note' => 'why'])->assertSessionHas('problem');
        $signed = $this->signedCheck();
        $this->add($signed, 'handover.shown_back', ['answer' => 'no', 'note' => 'why'])->assertSessionHas('problem');
        $this->add($signed, 'nonsense', ['answer' => 'no', 'note' => 'why'])->assertSessionHas('problem');
        User::query()->where('login', 'ansel')->update(['role' => 'trainee']);
        $this->add($signed, 'seat.serial', ['answer' => 'X', 'note' => 'why'], 'ansel')->assertForbidden();
        self::assertSame(Visit::query()->findOrFail($signed->visit_id)->left_at?->toIso8601String(), $signed->visit->left_at?->toIso8601String());
    }
}
