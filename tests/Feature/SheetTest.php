<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Visit;
use App\Pages\SheetChild;
use App\Pages\SheetPage;
use App\Units;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Rulebook;

/** The sheet the family takes home: plain words, what was found and changed, how to repeat it, the dates ahead, who to ask. */
final class SheetTest extends FeatureTestCase
{
    public function testFoundPutRightAndDates(): void
    {
        $child = self::child(1);

        self::assertSame(Verdict::GoodToRide, $child->assessment->verdict);
        self::assertSame(['measure.loose', 'harness.height'], array_map(static fn(Finding $f): string => $f->code->value, $child->corrected));
        self::assertSame([], $child->open);
        self::assertSame('15 months · 21 lb · 29.5 in · Ottermoor OM-220 · Rear-facing harness · Second row left', $child->facts);
        self::assertSame(['Wren'], $child->by);
        self::assertCount(3, $child->dates);
        self::assertSame(['14 Mar 2030', 'From this day the seat may no longer be used.'], $child->dates[2]);
        self::assertMatchesRegularExpression('/^About [A-Z][a-z]{2} 20\d\d$/', $child->dates[0][0]);
        self::assertStringContainsString('An estimate', $child->dates[1][1]);
    }

    public function testUnitsAreTheFamilys(): void
    {
        self::assertStringContainsString('9.5 kg · 749.3 mm', self::child(1, Units::Metric)->facts);
        self::assertStringContainsString('no more than 25.4 mm', self::child(1, Units::Metric)->everyRide[0]);
    }

    public function testABoosterHasItsOwnWords(): void
    {
        $child = self::child(2);

        self::assertSame(Verdict::GoodToRide, $child->assessment->verdict);
        self::assertStringContainsString('Lap part low over the thighs', $child->everyRide[0]);
        self::assertSame([], $child->corrected);
    }

    public function testAnUnfinishedCheckPromisesNothing(): void
    {
        $visit = Visit::query()->where('ticket', 7)->firstOrFail();
        $this->signedIn()->get("/visits/{$visit->id}/sheet")->assertOk()
            ->assertSee('Child A: Not finished')
            ->assertSee('Child B: Not finished')
            ->assertSee('so nothing can be promised')
            ->assertDontSee('Good to ride');
    }

    public function testTheStepsToRepeatAreTheInstallationCards(): void
    {
        $visit = Visit::query()->where('ticket', 1)->firstOrFail();
        $this->signedIn()->get("/visits/{$visit->id}/sheet")->assertOk()
            ->assertSeeInOrder(['How to do it again', 'Set the shoulder straps to slot 2', 'Buckle.', 'Prove the lock', 'Try the movement', 'Sit the child in', 'On every ride', 'Dates ahead', 'Checked by Wren.', 'Questions?']);
    }

    public function testWhatTheStationsOfferBesides(): void
    {
        $check = self::check(3);
        $this->signedIn()->get("/checks/{$check->id}/left/secure")->assertOk()
            ->assertSee('How this belt can be locked')
            ->assertSee('data-way="retractor" data-works="Yes"', false)
            ->assertSeeInOrder(['Taking it out again', 'Unbuckle the belt.', 'Let the belt wind in all the way.']);
        $this->get("/checks/{$check->id}/left/handover")->assertSee('Installation card');
        $this->get("/checks/{$check->id}/left/child")->assertSee('To use it as a forward-facing harness seat');
    }

    private static function child(int $ticket, Units $units = Units::Imperial): SheetChild
    {
        $visit = Visit::query()->where('ticket', $ticket)->with(['day', 'family', 'checks.facts.author', 'checks.visit.day.recallList'])->firstOrFail();

        return (new SheetPage($visit, $units, Rulebook::current()))->children[0] ?? self::fail('no child');
    }
}
