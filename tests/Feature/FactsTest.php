<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Checks\AssembleCase;
use App\Checks\RecordFact;
use App\Checks\UnreadableAnswer;
use App\Models\Fact;
use App\Models\User;
use App\Units;
use App\Visits\CompleteVisit;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;

final class FactsTest extends FeatureTestCase
{
    public function testOneAnswerIsOneFactWithItsAuthor(): void
    {
        $check = self::check(3);
        $before = $check->facts()->count();
        $this->signedIn('odalys')->answer($check, 'setup.movement.side', ['amount' => '1 1/2', 'unit' => 'in'])->assertOk();
        $fact = $check->facts()->reorder('seq', 'desc')->first();

        self::assertSame($before + 1, $check->facts()->count());
        self::assertNotNull($fact);
        self::assertSame(['setup.movement.side', InspectionPhase::Left, 'Odalys'], [$fact->key, $fact->phase, User::query()->findOrFail($fact->recorded_by)->name]);
        self::assertEquals((object) ['value' => 1.5, 'unit' => 'in'], $fact->value);
    }

    public function testTheSameFactArrivingTwiceIsStoredOnce(): void
    {
        $check = self::check(3);
        $id = Str::uuid7()->toString();
        $before = $check->facts()->count();
        $this->signedIn()->answer($check, 'setup.twisted', ['answer' => 'no'], id: $id)->assertOk();
        $this->answer($check, 'setup.twisted', ['answer' => 'no'], id: $id)->assertOk();

        self::assertSame($before + 1, $check->facts()->count());
        self::assertFalse(AssembleCase::read($check->fresh() ?? $check, InspectionPhase::Left)->setup?->twisted);
    }

    /** Its reply was lost, the person answers once more, and otherwise: nothing is dropped without a word. */
    public function testAnotherAnswerUnderTheSameIdIsRefusedAndWhatIsKeptIsShown(): void
    {
        $check = self::check(3);
        $id = Str::uuid7()->toString();
        $this->signedIn()->answer($check, 'setup.twisted', ['answer' => 'yes'], id: $id)->assertOk();
        $this->answer($check, 'setup.twisted', ['answer' => 'no'], id: $id)->assertUnprocessable()->assertSee('Another answer was kept under this entry before')->assertSee('The webbing is twisted, folded or knotted in the path.');
        $this->answer($check, 'setup.movement.side', ['amount' => '1', 'unit' => 'in'], id: $id)->assertUnprocessable();

        self::assertTrue(AssembleCase::read($check->fresh() ?? $check, InspectionPhase::Left)->setup->twisted ?? null);
        $this->answer($check, 'setup.twisted', ['answer' => 'no'])->assertOk();
        self::assertFalse(AssembleCase::read($check->fresh() ?? $check, InspectionPhase::Left)->setup->twisted ?? null);
    }

    /** An entry added to a list and sent twice is one entry. */
    public function testAnAddedEntrySentTwiceIsOne(): void
    {
        $check = self::check(6);
        $id = Str::uuid7()->toString();
        $this->signedIn()->answer($check, 'seat.history.damage', ['answer' => 'add', 'name' => 'crack'], id: $id)->assertOk();
        $this->answer($check, 'seat.history.damage', ['answer' => 'add', 'name' => 'crack'], id: $id)->assertOk();

        self::assertSame(['crack'], AssembleCase::read($check->fresh() ?? $check, InspectionPhase::Left)->seat?->history->damage);
    }

    public function testFoundStaysWhatItWasWhileLeftMovesOn(): void
    {
        $check = self::check(3);
        $this->signedIn()->answer($check, 'setup.harness.slot', ['answer' => '2'])->assertOk()->assertSee('data-corrected="harness.height"', false);
        $check->unsetRelation('facts');

        self::assertSame(3, AssembleCase::read($check, InspectionPhase::Found)->setup?->harness->slot);
        self::assertSame(2, AssembleCase::read($check, InspectionPhase::Left)->setup?->harness->slot);
        self::assertSame(Verdict::FixFirst, Assessor::assess(AssembleCase::read($check, InspectionPhase::Found), Rulebook::current())->verdict);
    }

    public function testThePanelAnswersAtOnce(): void
    {
        $check = self::check(3);
        $this->signedIn()->answer($check, 'setup.movement.side', ['amount' => '40', 'unit' => 'mm'])
            ->assertOk()
            ->assertDontSee('<html', false)
            ->assertSee('data-code="measure.loose"', false)
            ->assertSee('The seat moves 1.6 in from side to side; no more than 1 in is allowed.')
            ->assertSee('data-try="side-4"', false);
    }

    public function testWithoutScriptsTheWholePageComesBack(): void
    {
        $check = self::check(3);
        $this->signedIn()->answer($check, 'setup.twisted', ['answer' => 'yes'], htmx: false)->assertRedirect("/checks/{$check->id}/left/measure");
        $this->get("/checks/{$check->id}/left/measure")->assertOk()->assertSee('data-code="secure.twist"', false);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> key, answer, what to do */
    public static function refused(): iterable
    {
        yield 'no number' => ['setup.movement.side', ['amount' => 'a lot', 'unit' => 'in'], '“a lot” cannot be read. Enter it like 12.5'];
        yield 'nothing measured' => ['setup.movement.side', ['amount' => ''], 'Enter what you measured.'];
        yield 'no unit' => ['setup.movement.side', ['amount' => '1'], 'The page did not say in which unit.'];
        yield 'negative' => ['setup.movement.side', ['amount' => '-3', 'unit' => 'mm'], 'must be 0 in to 196.9 in'];
        yield 'too far' => ['setup.movement.side', ['amount' => '900', 'unit' => 'in'], 'must be 0 in to 196.9 in'];
        yield 'a unit there is not' => ['setup.movement.side', ['amount' => '3', 'unit' => 'hands'], 'must be one of mm, cm, in'];
        yield 'neither yes nor no' => ['setup.twisted', ['answer' => 'maybe'], 'Choose yes or no.'];
        yield 'a slot the seat lacks' => ['setup.harness.slot', ['answer' => '9'], 'This must be a slot of the seat, which has 5'];
        yield 'a place the car lacks' => ['setup.position', ['answer' => '3C'], 'This must be a place of the vehicle, which has no third row centre'];
        yield 'a day there is not' => ['seat.made_on', ['answer' => '2023-02-30'], '“2023-02-30” is no date. Enter it as the label prints it'];
        yield 'a date written another way' => ['seat.made_on', ['answer' => '3/4/2023'], 'It can mean more than one day: 3 Apr 2023 (2023-04-03) or 4 Mar 2023 (2023-03-04). Which is meant?'];
        yield 'no fact of the check' => ['today', ['answer' => '2020-01-01'], 'This is not a fact of the check.'];
        yield 'an empty list' => ['seat.history.damage', ['lines' => "  \n"], 'Write one thing a line'];
        yield 'no choice' => ['setup.lock', [], 'Choose at least one'];
        yield 'a part without a name' => ['seat.history.extras', ['answer' => 'no', 'name' => ' '], 'Say what it is'];
    }

    public function testADateThatCanBeSwappedAsksWhich(): void
    {
        $check = self::check(3);
        $this->signedIn()->answer($check, 'seat.made_on', ['answer' => '3/4/2023'], station: 'label')->assertStatus(422)->assertSeeInOrder(['value="3/4/2023"', 'data-reading="2023-04-03">3 Apr 2023<', 'data-reading="2023-03-04">4 Mar 2023<'], false);
        $this->followingRedirects()->answer($check, 'seat.made_on', ['answer' => '3/4/2023'], station: 'label', htmx: false)->assertOk()->assertSee('data-reading="2023-03-04"', false);
        $this->answer($check, 'seat.made_on', ['answer' => '2023-03-04'], station: 'label')->assertOk()->assertSee('understood as 4 Mar 2023');
    }

    /** @param array<string, mixed> $answer */
    #[DataProvider('refused')]
    public function testBadInputKeepsWhatWasTypedAndSaysWhatToDo(string $key, array $answer, string $toDo): void
    {
        $check = self::check(3);
        $before = $check->facts()->count();
        $response = $this->signedIn()->answer($check, $key, $answer)->assertStatus(422);

        self::assertStringContainsString($toDo, html_entity_decode((string) $response->getContent(), ENT_QUOTES));
        self::assertSame($before, $check->facts()->count());
        if (is_string($answer['amount'] ?? null) && $answer['amount'] !== '') {
            $response->assertSee('value="' . e($answer['amount']) . '"', false);
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, mixed}> */
    public static function accepted(): iterable
    {
        yield 'a half' => ['setup.movement.side', ['amount' => '½', 'unit' => 'in'], (object) ['value' => 0.5, 'unit' => 'in']];
        yield 'a decimal comma' => ['child.weight', ['amount' => '9,5', 'unit' => 'kg'], (object) ['value' => 9.5, 'unit' => 'kg']];
        yield 'pounds and ounces' => ['child.weight', ['amount' => '22 lb 4 oz', 'unit' => 'kg'], (object) ['value' => 22.25, 'unit' => 'lb']];
        yield 'feet and inches' => ['child.height', ['amount' => '2\'11', 'unit' => 'mm'], (object) ['value' => 35, 'unit' => 'in']];
        yield 'a date as labels print it' => ['seat.made_on', ['answer' => 'MAR 2021'], '2021-03'];
        yield 'a date in Spanish' => ['seat.made_on', ['answer' => '14 de enero de 2021'], '2021-01-14'];
        yield 'per cent' => ['setup.base_on_cushion', ['answer' => '85'], 0.85];
        yield 'two locks' => ['setup.lock', ['answers' => ['retractor', 'latch_plate']], ['retractor', 'latch_plate']];
        yield 'none of these' => ['setup.lock', ['answer' => 'nothing'], []];
        yield 'two damages' => ['seat.history.damage', ['lines' => "crack\r\n\r\nfrayed strap"], ['crack', 'frayed strap']];
        yield 'an extra' => ['seat.history.extras', ['name' => 'mirror', 'answer' => 'no'], [(object) ['name' => 'mirror', 'approved' => false]]];
        yield 'slots read by hand' => ['seat.slots', ['lines' => "8\n9 1/2\n11", 'unit' => 'in'], [(object) ['height' => (object) ['value' => 8, 'unit' => 'in']], (object) ['height' => (object) ['value' => 9.5, 'unit' => 'in']], (object) ['height' => (object) ['value' => 11, 'unit' => 'in']]]];
        yield 'back to unknown' => ['setup.twisted', ['answer' => 'unknown'], null];
        yield 'a signature is the one who signs' => ['handover.checker', ['answer' => 'sign'], 'wren'];
    }

    /** @param array<string, mixed> $answer */
    #[DataProvider('accepted')]
    public function testReadsAnswersAsPeopleWriteThem(string $key, array $answer, mixed $expected): void
    {
        $check = self::check(3);
        $this->signedIn()->answer($check, $key, $answer)->assertOk();
        $value = $check->facts()->reorder('seq', 'desc')->first()?->value;
        self::assertEquals($expected, $key === 'handover.checker' && is_object($value) ? ($value->id ?? null) : $value);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> what no page of ours sends, and the field it is refused for */
    public static function malformed(): iterable
    {
        yield 'a list for one answer' => ['answer', ['answer' => ['yes']]];
        yield 'a list within the answers' => ['answers.0', ['answers' => [['retractor']]]];
        yield 'one answer for a list' => ['answers', ['answers' => 'retractor']];
        yield 'a novel for an answer' => ['answer', ['answer' => str_repeat('a', 2001)]];
        yield 'a novel for a reason' => ['note', ['answer' => 'yes', 'note' => str_repeat('a', 501)]];
        yield 'a key with nothing after it' => ['entry', ['entry' => 'setup.twisted']];
        yield 'no fact named' => ['key', ['key' => '', 'answer' => 'yes']];
        yield 'no phase of ours' => ['phase', ['phase' => 'between', 'answer' => 'yes']];
        yield 'no id' => ['id', ['id' => '7', 'answer' => 'yes']];
    }

    /** @param array<string, mixed> $sent */
    #[DataProvider('malformed')]
    public function testWhatIsMalformedIsNotKept(string $field, array $sent): void
    {
        $check = self::check(3);
        $before = $check->facts()->count();
        $this->signedIn()->answer($check, 'setup.twisted', $sent)->assertSessionHasErrors($field);

        self::assertSame($before, $check->facts()->count());
    }

    public function testASignedCheckStaysAsItIs(): void
    {
        $check = self::check(1);
        $before = $check->facts()->count();
        $this->signedIn()->answer($check, 'setup.twisted', ['answer' => 'yes'])->assertStatus(422);
        self::assertSame($before, $check->facts()->count());
    }

    public function testAnAnswerThatWasUnderWayWhenTheFamilyLeftIsRefused(): void
    {
        $readBefore = self::check(3);
        $author = User::query()->firstOrFail();
        app(CompleteVisit::class)($readBefore->visit, $author, reason: 'they come back', second: User::query()->whereKeyNot($author->id)->first());
        self::assertNull($readBefore->signed_at, 'the answer knows nothing of the signature');

        $this->expectException(UnreadableAnswer::class);
        app(RecordFact::class)($readBefore, InspectionPhase::Left, Str::uuid7()->toString(), 'setup.twisted', ['answer' => 'yes'], $author);
    }

    /** Showing back and signatures are asked in left alone; a signature brings its date along, and one without a date can be completed. */
    public function testSigning(): void
    {
        $check = self::check(3);
        $this->signedIn('ines')->answer($check, 'handover.technician', ['answer' => 'sign'], InspectionPhase::Found)->assertUnprocessable()->assertSee('Hand-over is asked as the seat leaves');
        $this->answer($check, 'handover.shown_back', ['answer' => 'yes'])->assertOk();
        $this->get("/checks/{$check->id}/left/handover")->assertSee('Who worked here?');
        $this->answer($check, 'handover.technician', ['answer' => 'sign'], station: 'handover')->assertOk()->assertSee('Until when is the technician certified?');
        $this->answer($check, 'handover.technician.certified_until', ['answer' => '2027-03-01'], station: 'handover')->assertOk()->assertDontSee('<legend>Until when is the technician certified?</legend>', false);
        $handover = AssembleCase::read($check->fresh() ?? $check, InspectionPhase::Left)->handover;

        self::assertSame(['ines', '2027-03-01'], [$handover?->technician?->id, (string) $handover?->technician?->certifiedUntil]);
        $this->get("/checks/{$check->id}/found/handover")->assertDontSee('Sign as')->assertSee('asked as it leaves')->assertSee('Go on to how it leaves');
    }

    /** The second signature is the second person's own, by their PIN on the same device. */
    public function testTheSecondPersonSignsByPin(): void
    {
        $check = self::check(3);
        $sign = fn(string $who, string $pin): TestResponse => $this->answer($check, 'handover.checker', ['signer' => $who, 'pin' => $pin], station: 'handover');
        $this->signedIn()->answer($check, 'handover.technician', ['answer' => 'sign'], station: 'handover')->assertOk()->assertSee('Odalys signs')->assertDontSee('Wren signs');
        $sign('odalys', '1111')->assertUnprocessable()->assertSee('Nobody has signed');
        $sign('odalys', '2468')->assertOk()->assertSee('Signed by Odalys');
        $fact = Fact::query()->where('check_id', $check->id)->where('key', 'handover.checker')->with('author')->sole();
        self::assertSame('odalys', $fact->author->login, 'the fact is the second person\'s own');
        $this->answer($check, 'handover.checker', ['signer' => 'odalys', 'pin' => '2468', 'with' => 'handover.technician sign', 'with_id' => Str::uuid7()->toString()], station: 'handover')->assertOk();
        self::assertSame(1, Fact::query()->where('check_id', $check->id)->where('key', 'handover.technician')->count(), 'a PIN signs for its own line alone');
        foreach (range(1, 5) as $try) {
            $sign('ines', '0000')->assertUnprocessable();
        }
        $sign('ines', '2468')->assertUnprocessable()->assertSee('wrong too often');
        $this->answer($check, 'handover.technician', ['signer' => 'odalys', 'pin' => '2468'], station: 'handover')->assertStatus(422);
    }

    /** Slots keep the unit they were entered in, whoever looks at them; a mistaken unit is refused. */
    public function testSlotsKeepTheirUnit(): void
    {
        $check = self::check(3);
        $lines = static fn(string $html): string => preg_match('/<textarea name="lines"[^>]*>([^<]*mm[^<]*)</', $html, $m) === 1 ? $m[1] : '';
        $page = $this->signedIn()->withCookie(Units::COOKIE, 'imperial')->get("/checks/{$check->id}/left/buckle?note=seat.slots");
        $shown = $lines((string) $page->getContent());
        $before = AssembleCase::read($check, InspectionPhase::Left)->seat?->slots;

        self::assertStringStartsWith('200 mm', $shown);
        $this->answer($check, 'seat.slots', ['lines' => $shown, 'unit' => 'in'])->assertOk();
        self::assertEquals($before, AssembleCase::read($check->fresh() ?? $check, InspectionPhase::Left)->seat?->slots);
        $this->answer($check, 'seat.slots', ['lines' => "7.9\n9 1/2\n11\n13\n15", 'unit' => 'in'])->assertOk();
        self::assertSame('7.9 in', (AssembleCase::read($check->fresh() ?? $check, InspectionPhase::Left)->seat->slots[0] ?? null)?->height?->show());
        $this->answer($check, 'seat.slots', ['lines' => '140', 'unit' => 'in'])->assertUnprocessable()->assertSee('No slot is 140 in above the cushion.');
    }

    public function testNobodyWhoIsNotSignedIn(): void
    {
        $this->answer(self::check(3), 'setup.twisted', ['answer' => 'yes'])->assertRedirect('/sign-in');
    }
}
