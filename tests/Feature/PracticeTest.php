<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Checks\AssembleCase;
use App\Models\Check;
use App\Models\PracticeAttempt;
use App\Models\PracticeRepeat;
use App\Models\User;
use App\Practice\DemoStock;
use App\Practice\DrillScene;
use App\Practice\Learner;
use App\Practice\SeededDice;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Drill\DrillLook;
use MintBuckle\Core\Drill\FixedDrill;
use MintBuckle\Core\Drill\Quiz\QuizKind;
use MintBuckle\Core\Drill\Quiz\QuizMaker;
use MintBuckle\Core\Drill\Scene;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\InspectionPhase;
use stdClass;

/** A drill: looked at, named, put right, counted; what was missed comes back. */
final class PracticeTest extends FeatureTestCase
{
    /** @param array<string, mixed> $with */
    private function begin(array $with): PracticeAttempt
    {
        $id = (string) Str::uuid();
        $this->signedIn()->post('/practice', $with + ['id' => $id, 'seed' => 5])->assertRedirect("/practice/{$id}")->assertSessionHasNoErrors();

        return PracticeAttempt::query()->findOrFail($id);
    }

    private static function me(): User
    {
        return User::query()->where('login', 'wren')->firstOrFail();
    }

    /** Every error named at the fact that was changed for it. */
    private function nameAll(PracticeAttempt $attempt, int $but = 0): void
    {
        $scene = DrillScene::of($attempt);
        foreach (array_slice($attempt->faults, $but) as $code) {
            $path = null;
            foreach ([...$scene->paths(), 'child.age_months', 'recall_list.campaigns'] as $one) {
                $offered = array_map(static fn($c): string => $c->value, $scene->neighbours($one));
                $path ??= in_array($code, $offered, true) ? $one : null;
            }
            $this->post("/practice/{$attempt->id}/names", ['path' => $path, 'code' => $code])->assertRedirect()->assertSessionMissing('problem');
        }
    }

    public function testNothingShowsBeforeItIsLookedAt(): void
    {
        $attempt = $this->begin(['fixed' => 'clip_low']);
        self::assertEqualsCanonicalizing(FixedDrill::ClipLow->codes(), $attempt->faults);
        $page = $this->get("/practice/{$attempt->id}")->assertOk()->assertSee('Look at the child')->assertDontSee('data-path=', false)->assertDontSee('<svg viewBox="0 1', false);
        $page->assertSee('Nothing named yet');
        $this->post("/practice/{$attempt->id}/looks", ['look' => 'front'])->assertRedirect();
        $seen = $this->get("/practice/{$attempt->id}")->assertSee('data-path="setup.harness.clip"', false)->assertDontSee('data-path="setup.movement.side"', false)->assertSee('data-drawing="buckle"', false);
        $seen->assertDontSee('The chest clip belongs', false)->assertSee('drill-open', false);
        self::assertSame(['front'], $attempt->refresh()->looked);
        self::assertNotContains(DrillLook::Vest, DrillScene::of($attempt)->looks(), 'a car has no vest to look at');
    }

    public function testItIsNamedPutRightAndCounted(): void
    {
        $attempt = $this->begin(['fixed' => 'clip_low']);
        foreach (DrillScene::of($attempt)->looks() as $look) {
            $this->post("/practice/{$attempt->id}/looks", ['look' => $look->value])->assertRedirect();
        }
        $this->post("/practice/{$attempt->id}/names", ['path' => 'setup.harness.clip', 'code' => 'harness.clip'])->assertSessionMissing('problem');
        $this->post("/practice/{$attempt->id}/asides", ['code' => 'harness.clip'])->assertSessionHas('problem');
        $this->get("/practice/{$attempt->id}")->assertSee('Found: The chest clip')->assertSee('name="f[setup.harness.clip][answer]"', false)->assertDontSee('data-verdict=', false);
        $this->post("/practice/{$attempt->id}/mends", ['path' => 'setup.harness.clip', 'f' => ['setup.harness.clip' => ['answer' => 'armpit']]])->assertSessionMissing('problem');
        $this->get("/practice/{$attempt->id}")->assertSee('data-verdict="fix_first"', false);
        $this->nameAll($attempt->refresh());
        $good = json_decode($attempt->good);
        assert($good instanceof stdClass);
        $slot = CasePath::get($good, 'setup.harness.slot');
        $this->post("/practice/{$attempt->id}/mends", ['path' => 'setup.harness.slot', 'f' => ['setup.harness.slot' => ['answer' => is_int($slot) ? (string) $slot : '']]])->assertSessionMissing('problem');
        $this->post("/practice/{$attempt->id}/mends", ['path' => 'setup.harness.tightness.passes', 'f' => ['setup.harness.tightness.passes' => ['answer' => 'yes']]])->assertSessionMissing('problem');
        $this->get("/practice/{$attempt->id}")->assertSee('data-verdict="good_to_ride"', false);
        self::assertSame(Verdict::GoodToRide, DrillScene::of($attempt->refresh())->mended()->assessment->verdict);

        $this->post("/practice/{$attempt->id}/names", ['path' => 'setup.harness.clip', 'code' => 'harness.coat']);
        $alarms = count($attempt->refresh()->named) - 3;
        $this->post("/practice/{$attempt->id}/end")->assertRedirect();
        $this->get("/practice/{$attempt->id}")->assertSee('3 of 3 found')->assertSee($alarms === 0 ? 'no false alarm' : '1 false alarm')->assertDontSee('name="code"', false)->assertDontSee('drill-open', false);
        $this->post("/practice/{$attempt->id}/names", ['path' => 'setup.harness.clip', 'code' => 'harness.slack']);
        self::assertCount($alarms + 3, $attempt->refresh()->named, 'what is ended stays as it is');
    }

    public function testWhatIsMissedComesBackAfterDaysAndGoes(): void
    {
        $this->signedIn()->get('/practice')->assertDontSee('too upright and loose');
        $attempt = $this->begin(['fixed' => 'upright_loose']);
        $missed = $attempt->faults[0];
        $this->nameAll($attempt, 1);
        $this->post("/practice/{$attempt->id}/end");
        $this->get("/practice/{$attempt->id}")->assertSee("data-missed=\"{$missed}\"", false)->assertSee('comes again tomorrow');
        $learner = app(Learner::class);
        self::assertSame([], $learner->due(self::me()));
        self::assertSame([$missed => ['met' => 1, 'found' => 0]], array_filter($learner->map(self::me()), static fn(array $seen): bool => $seen['found'] < $seen['met']));
        self::assertSame([$missed => 3], $learner->missed(self::me()));
        $this->get('/practice')->assertOk()->assertSee('too upright and loose')->assertSee('Your map')->assertSee('found 0 of 1')->assertDontSee('data-due', false);

        $days = [];
        while (($repeat = PracticeRepeat::query()->where('code', $missed)->first()) !== null) {
            $days[] = (int) CarbonImmutable::now()->startOfDay()->diffInDays($repeat->due_on);
            PracticeRepeat::query()->where('code', $missed)->update(['due_on' => CarbonImmutable::now()->toDateString()]);
            $this->get('/practice')->assertSee('data-due="1"', false);
            $again = $this->begin(['repeat' => $missed]);
            self::assertSame([$missed], $again->faults, 'the very error comes again');
            $this->nameAll($again);
            $this->post("/practice/{$again->id}/end");
        }
        self::assertSame([1, 3, 7, 16], $days);
    }

    public function testWhatStopsIsPutAside(): void
    {
        $attempt = $this->begin(['fixed' => 'expired_recalled']);
        $this->nameAll($attempt);
        $page = $this->get("/practice/{$attempt->id}")->assertOk();
        $this->post("/practice/{$attempt->id}/looks", ['look' => 'label']);
        $this->get("/practice/{$attempt->id}")->assertSee('It does not ride like this')->assertSee('made');
        foreach ($attempt->faults as $code) {
            $this->post("/practice/{$attempt->id}/asides", ['code' => $code])->assertSessionMissing('problem');
        }
        $this->get("/practice/{$attempt->id}")->assertSee('data-verdict="good_to_ride"', false);
        $this->post("/practice/{$attempt->id}/asides", ['code' => 'harness.clip'])->assertSessionHas('problem');
        $page->assertOk();
    }

    public function testWhatCannotBeIsRefusedAndNobodySeesAnothersDrill(): void
    {
        $attempt = $this->begin(['level' => '2']);
        self::assertCount(2, $attempt->faults);
        $this->post("/practice/{$attempt->id}/names", ['path' => 'setup.harness.clip', 'code' => 'expiry.passed'])->assertSessionHas('problem');
        $this->post("/practice/{$attempt->id}/names", ['path' => 'setup', 'code' => 'x'])->assertSessionHasErrors('code');
        $this->post("/practice/{$attempt->id}/looks", ['look' => 'mirror'])->assertSessionHasErrors('look');
        $this->post("/practice/{$attempt->id}/mends", ['path' => 'today', 'f' => ['today' => ['answer' => 'x']]])->assertSessionHas('problem');
        $this->post('/practice', ['id' => 'x'])->assertSessionHasErrors('id');
        $this->post('/practice', ['id' => (string) Str::uuid(), 'level' => '9'])->assertSessionHasErrors('level');
        $this->post('/practice', ['id' => (string) Str::uuid(), 'fixed' => 'x'])->assertSessionHasErrors('fixed');
        $this->post('/practice', ['id' => (string) Str::uuid(), 'repeat' => 'x'])->assertSessionHasErrors('repeat');
        $this->withHeaders(['HX-Request' => 'true'])->post("/practice/{$attempt->id}/looks", ['look' => 'label'])->assertOk()->assertSee('id="drill"', false)->assertDontSee('<html', false);
        $this->post("/practice/{$attempt->id}/names", ['path' => 'setup.harness.clip', 'code' => 'expiry.passed'])->assertStatus(422)->assertSee('That was not among the answers here.');
        $this->flushHeaders();
        $this->signedIn('odalys')->get("/practice/{$attempt->id}")->assertNotFound();
        $this->post("/practice/{$attempt->id}/end")->assertNotFound();
        $this->get('/practice/no-id')->assertNotFound();
        self::assertNull($attempt->refresh()->ended_at);
    }

    public function testEveryDrillOpensWithEveryLook(): void
    {
        foreach ([...FixedDrill::cases(), ...array_fill(0, 12, null)] as $number => $fixed) {
            $attempt = $this->begin(['seed' => $number, 'level' => (string) (1 + $number % 4), 'fixed' => $fixed?->value]);
            foreach (DrillScene::of($attempt)->looks() as $look) {
                $this->post("/practice/{$attempt->id}/looks", ['look' => $look->value]);
            }
            $this->get("/practice/{$attempt->id}")->assertOk()->assertDontSee('facts.', false)->assertDontSee('practice.', false);
            $this->nameAll($attempt->refresh());
            $this->post("/practice/{$attempt->id}/end");
            $this->get("/practice/{$attempt->id}")->assertOk()->assertSee('data-percent="100"', false);
        }
    }

    public function testTheOtherFormsAreAskedAndAnswered(): void
    {
        $this->signedIn()->get('/practice')->assertSee('Which step comes next?')->assertSee('Spot the slip');
        foreach (QuizKind::cases() as $kind) {
            $question = (new QuizMaker(DemoStock::read(), new SeededDice(9)))->make($kind);
            $asked = "/practice/quiz/{$kind->value}?seed=9";
            $this->get($asked)->assertOk()->assertSee('name="answer"', false)->assertSee('data-right=""', false);
            $this->get("{$asked}&answer={$question->right}")->assertOk()->assertSee('data-right="yes"', false)->assertSee('seed=10', false);
            $wrong = $question->right === 0 ? 1 : 0;
            $this->get("{$asked}&answer={$wrong}")->assertOk()->assertSee('data-right="no"', false)->assertSee('Not that one.');
            $this->get("{$asked}&answer=99")->assertOk()->assertSee('data-right=""', false);
            $this->get("/practice/quiz/{$kind->value}")->assertOk();
            $this->get("/practice/quiz/{$kind->value}?seed=-5&answer[]=x")->assertOk();
        }
        $this->get('/practice/quiz/charades')->assertNotFound();
    }

    public function testAClassGetsTheSameDrillsAndIsToldByError(): void
    {
        $id = (string) Str::uuid();
        $this->signedIn('odalys')->get('/practice/classes/new')->assertOk()->assertSee('The chest clip');
        $this->post('/practice/classes', ['id' => $id, 'title' => 'Tuesday'])->assertSessionHasErrors('drawn');
        $this->post('/practice/classes', ['id' => $id, 'title' => '', 'drawn' => '2'])->assertSessionHasErrors('title');
        $this->post('/practice/classes', ['id' => $id, 'title' => 'Tuesday', 'drawn' => '1', 'level' => '2', 'fixed' => ['clip_low'], 'codes' => ['harness.coat']])->assertRedirect("/practice/classes/{$id}")->assertSessionHasNoErrors();
        $seen = [];
        foreach (['wren', 'ines', 'odalys'] as $login) {
            $this->signedIn($login)->get("/practice/classes/{$id}")->assertOk()->assertSee('Tuesday');
            foreach ([0, 1, 2] as $item) {
                $this->post("/practice/classes/{$id}/{$item}", ['id' => (string) Str::uuid()])->assertRedirect();
                $attempt = PracticeAttempt::query()->where('practice_set_id', $id)->where('item', $item)->where('user_id', User::query()->where('login', $login)->value('id'))->firstOrFail();
                $seen[$item][] = $attempt->case;
                $login === 'wren' ? $this->nameAll($attempt) : null;
                $this->post("/practice/{$attempt->id}/end")->assertRedirect();
            }
            $this->post("/practice/classes/{$id}/0", ['id' => (string) Str::uuid()])->assertRedirect();
        }
        self::assertSame(9, PracticeAttempt::query()->where('practice_set_id', $id)->count(), 'begun twice is begun once');
        self::assertSame([1, 1, 1], array_map(static fn(array $cases): int => count(array_unique($cases)), $seen), 'the same for everybody');
        $this->get("/practice/classes/{$id}")->assertSee('found 1 of 3')->assertSee('3 of 3 done')->assertDontSee('Wren:', false);
        $this->get("/practice/classes/{$id}/sheet")->assertOk()->assertSee('Tuesday: the key')->assertSee('The chest clip sits too low')->assertSee('What is wrong here?')->assertSee('The day’s recall list: ')->assertSee('Age: ');
        $this->get('/practice')->assertSee('Tuesday');
        $this->signedIn('wren')->get("/practice/classes/{$id}")->assertSee('The clip low, and more');
    }

    public function testAllAnswerTheSameOneTogether(): void
    {
        $id = (string) Str::uuid();
        $this->signedIn('odalys')->post('/practice/classes', ['id' => $id, 'title' => 'Together', 'drawn' => '3', 'level' => '1']);
        $this->post("/practice/classes/{$id}/together", ['item' => '1'])->assertRedirect();
        $this->signedIn('wren')->get("/practice/classes/{$id}")->assertSee("/practice/classes/{$id}/1\"", false)->assertDontSee("/practice/classes/{$id}/0\"", false)->assertDontSee('All together now');
        $this->post("/practice/classes/{$id}/together", ['item' => '2'])->assertForbidden();
        $this->signedIn('odalys')->post("/practice/classes/{$id}/together", ['item' => ''])->assertRedirect();
        $this->signedIn('wren')->get("/practice/classes/{$id}")->assertSee("/practice/classes/{$id}/0\"", false);
        $this->post("/practice/classes/{$id}/9", ['id' => (string) Str::uuid()])->assertNotFound();
        $this->get('/practice/classes/' . Str::uuid())->assertNotFound();
        $this->get('/practice/classes/x')->assertNotFound();
    }

    /** Whoever has the link takes part; what they do is known to their browser only, and nobody else's drill opens. */
    public function testAGuestTakesPartByLinkAlone(): void
    {
        $id = (string) Str::uuid();
        $this->signedIn('odalys')->post('/practice/classes', ['id' => $id, 'title' => 'Open', 'fixed' => ['clip_low']]);
        $this->post("/practice/classes/{$id}/together", ['item' => '0']);
        $this->get("/practice/classes/{$id}")->assertSee('data-now', false)->assertSee('class="card-work drill-open"', false);
        $this->post('/sign-out')->assertRedirect();

        $page = $this->get("/practice/classes/{$id}")->assertOk()->assertSee('Set-up 1: 3 errors')->assertDontSee('The clip low')->assertSee('You need no account')->assertDontSee('with the key')->assertDontSee('data-now', false);
        $page->assertDontSee('main-menu', false)->assertDontSee('Sign out');
        foreach ([1, 2] as $press) {
            $this->post("/practice/classes/{$id}/0", ['id' => (string) Str::uuid()])->assertRedirect();
        }
        $attempt = PracticeAttempt::query()->where('practice_set_id', $id)->firstOrFail();
        self::assertSame([1, null], [PracticeAttempt::query()->where('practice_set_id', $id)->count(), $attempt->user_id]);
        $this->post("/practice/{$attempt->id}/looks", ['look' => 'front'])->assertRedirect();
        $this->nameAll($attempt, 1);
        $this->post("/practice/{$attempt->id}/mends", ['path' => 'setup.harness.clip', 'f' => ['setup.harness.clip' => ['answer' => 'armpit']]])->assertSessionMissing('problem');
        $this->post("/practice/{$attempt->id}/end")->assertRedirect();
        $this->get("/practice/{$attempt->id}")->assertOk()->assertSee('2 of 3 found')->assertDontSee('comes again tomorrow')->assertSee("/practice/classes/{$id}\"", false);
        self::assertSame(0, PracticeRepeat::query()->count());
        $this->post('/units', ['units' => 'metric'])->assertRedirect()->assertCookie('units');

        foreach (['/practice', '/practice/classes/new', "/practice/classes/{$id}/sheet", '/practice/order', '/'] as $closed) {
            $this->get($closed)->assertRedirect('/sign-in');
        }
        $this->post("/practice/classes/{$id}/together", ['item' => ''])->assertRedirect('/sign-in');
        $this->flushSession();
        $this->get("/practice/{$attempt->id}")->assertRedirect('/sign-in');
        $this->post("/practice/{$attempt->id}/looks", ['look' => 'label'])->assertRedirect('/sign-in');
        $this->signedIn('wren')->get("/practice/{$attempt->id}")->assertNotFound();
        $this->get("/practice/classes/{$id}")->assertSee('1 of 1 done')->assertSee('found 0 of 1');
    }

    public function testTheStepsOfACardAreLaidInOrder(): void
    {
        $this->signedIn()->get('/practice')->assertSee('Lay the steps in order');
        $order = (new QuizMaker(DemoStock::read(), new SeededDice(3)))->order();
        $right = range(0, count($order->steps) - 1);
        $at = static fn(int ...$laid): string => '/practice/order?seed=3&laid=' . implode(',', $laid);
        $this->get($at())->assertOk()->assertSee('Nothing yet.')->assertSee('data-right=""', false);
        $this->get($at(1, 0))->assertOk()->assertSee('id="laid-1"', false)->assertDontSee('id="step-1"', false)->assertSee('id="step-2"', false)->assertSee('value="1"', false);
        $this->get($at(...$right))->assertOk()->assertSee('data-right="yes"', false)->assertSee('All in order.')->assertSee('seed=4', false);
        $this->get($at(...array_slice($right, 1), ...[0]))->assertSee('data-right="no"', false)->assertSee('1 step lies elsewhere');
        $this->get('/practice/order?seed=3&laid=0,0,x,99,-1')->assertOk()->assertSee('id="laid-0"', false)->assertDontSee('id="laid-1"', false);
        $this->get('/practice/order?laid[]=1')->assertOk();
    }

    /** The drawing belongs to what was looked at last, and says neither what is over nor what fits. */
    public function testTheDrawingsOfADrillJudgeNothing(): void
    {
        $attempt = $this->begin(['fixed' => 'expired_recalled']);
        $look = fn(string $look) => $this->withHeaders(['HX-Request' => 'true'])->post("/practice/{$attempt->id}/looks", ['look' => $look])->assertOk();
        $look('label')->assertSee('data-drawing="label"', false)->assertSee('data-expires', false)->assertDontSee('data-band', false)->assertDontSee('class="expires over"', false);
        $look('scale')->assertSee('data-child-point', false)->assertDontSee('data-fits', false);
        $look('manual')->assertSee('data-fits="unknown"', false)->assertDontSee('data-fits="yes"', false)->assertDontSee('data-fits="no"', false)->assertDontSee('does not fit');
        $look('family')->assertSee('data-drawing="history"', false)->assertSee('data-press="row-seat-history-damage"', false);
    }

    public function testARealCheckBecomesADrillWithoutNames(): void
    {
        $of = static fn(int $ticket): Check => self::visit($ticket)->checks->firstOrFail();
        $send = fn(Check $check, array $with = ['consent' => '1']) => $this->post("/checks/{$check->id}/drill", $with + ['id' => (string) Str::uuid()]);
        $this->signedIn('wren')->get("/checks/{$of(1)->id}/log")->assertDontSee('Make a drill of it');
        $send($of(1))->assertForbidden();
        $this->signedIn('ines')->get("/checks/{$of(1)->id}/log")->assertSee('Make a drill of it');
        $send($of(1), [])->assertSessionHasErrors('consent');
        $send($of(3))->assertSessionHasErrors('consent');
        $made = [];
        foreach ([1, 2] as $ticket) {
            $check = $of($ticket);
            $faults = Scene::of(AssembleCase::of($check, InspectionPhase::Found)->raw)?->codes() ?? [];
            $answer = $send($check)->assertRedirect();
            if ($faults === []) {
                $answer->assertSessionHasErrors('consent');
                continue;
            }
            $class = basename((string) $answer->headers->get('Location'));
            $this->post("/practice/classes/{$class}/0", ['id' => (string) Str::uuid()])->assertRedirect();
            $attempt = PracticeAttempt::query()->where('practice_set_id', $class)->firstOrFail();
            self::assertSame(array_values(array_unique($faults)), $attempt->faults);
            $case = json_decode($attempt->case);
            assert($case instanceof stdClass);
            self::assertSame([null, null, null], [CasePath::get($case, 'child.born_on'), CasePath::get($case, 'seat.serial'), CasePath::get($case, 'handover')]);
            self::assertStringNotContainsString((string) self::visit($ticket)->family?->first_name, $attempt->case);
            $this->nameAll($attempt);
            $this->post("/practice/{$attempt->id}/end");
            $this->get("/practice/{$attempt->id}")->assertOk()->assertSee('data-percent="100"', false);
            $made[] = $ticket;
        }
        self::assertNotSame([], $made);
    }
}
