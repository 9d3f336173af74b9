<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Checks\Judge;
use App\Models\CheckupEvent;
use App\Models\User;
use App\Units;
use App\Visits\SheetChild;
use App\Visits\SheetLine;
use App\Words\Telling;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;
use Tests\Told;

/** The sheet the family takes home: plain words, what was found and changed, how to repeat it, the dates ahead, who to ask. */
final class SheetTest extends FeatureTestCase
{
    public function testFoundPutRightAndDates(): void
    {
        $child = self::child(1);

        self::assertSame(Verdict::GoodToRide, $child->verdict);
        self::assertSame(['The seat moves 1.5 in from side to side; no more than 1 in is allowed.', 'The strap leaves the seat 20 mm above the shoulder; here it must be at or below it.'], array_map(static fn(SheetLine $l): string => Told::english($l->message), $child->corrected));
        self::assertSame([], $child->open);
        self::assertSame('15 months · 21 lb · 29.5 in · Ottermoor OM-220 · Rear-facing harness · Second row left', self::told($child->facts));
        self::assertSame('Checked by Wren; looked at a second time by Odalys.', self::told($child->by));
        self::assertCount(3, $child->dates);
        self::assertContains(['14 Mar 2030', 'From this day the seat may no longer be used.'], self::dates($child));
        self::assertMatchesRegularExpression('/^About [A-Z][a-z]{2} 20\d\d$/', self::dates($child)[0][0]);
        self::assertStringContainsString('An estimate', self::dates($child)[0][1]);
    }

    public function testUnitsAreTheFamilys(): void
    {
        self::assertStringContainsString('9.5 kg · 74.9 cm', self::told(self::child(1)->facts, Units::Metric));
        self::assertStringContainsString('no more than 25.4 mm', self::told(self::child(1)->everyRide[0], Units::Metric));
    }

    public function testABoosterHasItsOwnWords(): void
    {
        $child = self::child(2);

        self::assertSame(Verdict::GoodToRide, $child->verdict);
        self::assertContains('Lap part low over the thighs, under both arm rests.', Told::all($child->everyRide));
        self::assertSame([], $child->corrected);
    }

    public function testAnUnfinishedCheckPromisesNothing(): void
    {
        $visit = self::visit(7);
        $this->signedIn()->get("/visits/{$visit->id}/sheet")->assertOk()
            ->assertSee('Niño A: Sin terminar')
            ->assertSee('Niño B: Sin terminar')
            ->assertSee('así que no puede prometerse nada')
            ->assertDontSee('Listo para viajar');
    }

    public function testTheStepsToRepeatAreTheInstallationCards(): void
    {
        $visit = self::visit(1);
        $this->signedIn()->get("/visits/{$visit->id}/sheet")->assertOk()
            ->assertSeeInOrder(['How to do it again', 'Set the shoulder straps to slot 2', 'Buckle.', 'Prove the lock', 'Try the movement', 'Sit the child in', 'On every ride', 'Dates ahead', 'Checked by Wren; looked at a second time by Odalys.', 'Questions?']);
    }

    /** Where no child may ride in it, nobody is told how to put it in again, nor of a last day that is behind. */
    public function testASeatThatMustNotBeUsedHasNoSteps(): void
    {
        $child = self::child(4);

        self::assertSame([Verdict::DoNotUse, null, []], [$child->verdict, $child->card, $child->everyRide]);
        self::assertNotContains('From this day the seat may no longer be used.', array_column(self::dates($child), 1));
        $this->signedIn()->get('/visits/' . self::visit(4)->id . '/sheet')->assertSee('As it stands no child may ride in it, so no steps to install it are printed.');
        $this->get('/checks/' . self::check(4)->id . '/card/technician')->assertSeeInOrder(['Do not use: as it stands no child may ride in it.', 'may not be used since']);
        $this->get('/checks/' . self::check(3)->id . '/card/technician')->assertDontSee('Do not use');
    }

    /** Steps that lack the belt's own, or do not follow what holds the seat now, say so. */
    public function testStepsThatLackTheBeltSaySo(): void
    {
        self::assertStringStartsWith('Nothing is known to lock this belt for this seat', Told::english(self::child(7)->notice ?? self::fail()));
        self::assertNull(self::child(3)->notice);
        $this->signedIn()->get('/visits/' . self::visit(7)->id . '/sheet')->assertSeeInOrder(['lang="es"', 'Cómo volver a hacerlo', 'No se conoce nada que bloquee este cinturón'], false);
        $this->get('/checks/' . self::check(7)->id . '/card/technician')->assertSee('<p class="notice problem">Nothing is known to lock this belt', false);
    }

    /** Nobody is named who has not signed, and dates stand in the order in which they come. */
    public function testASheetBeforeAnybodySigned(): void
    {
        self::assertSame('Not signed yet.', self::told(self::child(3)->by));
        $dates = array_map(static fn(array $d): int => (int) strtotime(str_replace('About ', '1 ', $d[0])), self::dates(self::child(3)));
        $sorted = $dates;
        sort($sorted);
        self::assertSame($sorted, $dates);
    }

    /** What was signed is read, not judged again: a list taken later changes nothing on the sheet. */
    public function testTheSheetOfAFamilyThatLeftIsWhatWasSigned(): void
    {
        $visit = self::visit(1);
        self::assertNotNull($visit->left_at);
        $signed = $this->signedIn()->get("/visits/{$visit->id}/sheet")->assertOk()->assertSee('Good to ride')->getContent();
        DB::statement("UPDATE campaigns SET maker = 'Ottermoor', models = '[\"*\"]', advice = 'stop_use', made_from = null, made_to = null, serial_from = null, serial_to = null");
        DB::statement("UPDATE campaign_keys SET maker = 'ottermoor', beginning = '' WHERE campaign_id = (SELECT min(id) FROM campaigns)");
        Cache::flush();

        $plain = static fn(string|false $html): string => (string) preg_replace('/_token" value="[^"]+"/', '', (string) $html);
        self::assertSame($plain($signed), $plain($this->get("/visits/{$visit->id}/sheet")->getContent()));
    }

    public function testWhatTheStationsOfferBesides(): void
    {
        $check = self::check(3);
        $this->signedIn()->get("/checks/{$check->id}/left/secure")->assertOk()
            ->assertSee('How this belt can be locked')
            ->assertSee('data-way="retractor" data-works="Yes"', false)
            ->assertSeeInOrder(['Taking it out again', 'Unbuckle the belt.', 'let it wind in all the way.']);
        $this->get("/checks/{$check->id}/left/handover")->assertSee('Installation card');
        $this->get("/checks/{$check->id}/left/child")->assertSee('To use it as a forward-facing harness seat');
    }

    private static function child(int $ticket): SheetChild
    {
        $visit = CheckupEvent::current()->visits()->where('ticket', $ticket)->with(['event', 'family', 'checks.facts.author', 'checks.visit.event.recallList'])->firstOrFail();

        return SheetChild::of(array_values(app(Judge::class)->leaving($visit))[0] ?? self::fail('no child'), User::names());
    }

    private static function told(Message|Listing $told, Units $units = Units::Imperial): string
    {
        return Telling::in('en', $units)->says($told);
    }

    /** @return list<array{string, string}> */
    private static function dates(SheetChild $child): array
    {
        return array_map(static fn(array $date): array => [self::told($date[0]), self::told($date[1])], $child->dates);
    }
}
