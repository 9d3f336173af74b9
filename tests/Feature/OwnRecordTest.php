<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\OwnRecord;
use App\Files\Csv;
use App\Models\User;
use App\Models\VisitMove;
use App\Visits\CompleteVisit;
use Illuminate\Support\Str;

/** What a technician did, to be shown when they are certified anew. */
final class OwnRecordTest extends FeatureTestCase
{
    private static function person(string $login): User
    {
        return User::query()->where('login', $login)->firstOrFail();
    }

    public function testSignaturesCountOnceAFamilyHasGone(): void
    {
        $wren = OwnRecord::of(self::person('wren'));
        self::assertSame([5, 0], [$wren->checks(), $wren->seconds()]);
        self::assertSame([0, 5], [OwnRecord::of(self::person('odalys'))->checks(), OwnRecord::of(self::person('odalys'))->seconds()]);
        self::assertSame(['convertible' => 3, 'high-back booster' => 2], $wren->byKind());
        self::assertSame(5, array_sum($wren->byPlace()));
        self::assertSame([0, 0, 0.0], [OwnRecord::of(self::person('tove'))->checks(), OwnRecord::of(self::person('tove'))->seconds(), OwnRecord::of(self::person('tove'))->hours]);

        // Signed and not gone home: not yet.
        $check = self::check(3);
        $this->signedIn('ansel')->answer($check, 'handover.technician', ['answer' => 'sign'], station: 'handover')->assertOk();
        self::assertSame(0, OwnRecord::of(self::person('ansel'))->checks());
        resolve(CompleteVisit::class)(self::visit(3), self::person('ansel'), reason: 'x', second: self::person('odalys'));
        self::assertSame(1, OwnRecord::of(self::person('ansel'))->checks());
    }

    public function testASignatureThatWasTakenBackDoesNotCount(): void
    {
        $check = self::check(3);
        $this->signedIn('ansel')->answer($check, 'handover.technician', ['answer' => 'sign'], station: 'handover')->assertOk();
        $fact = $check->facts()->where('key', 'handover.technician')->reorder('seq', 'desc')->firstOrFail();
        $this->post("/checks/{$check->id}/undo/handover", ['id' => Str::uuid7()->toString(), 'phase' => 'left', 'undoes' => $fact->id], ['HX-Request' => 'true'])->assertOk();
        resolve(CompleteVisit::class)(self::visit(3), self::person('wren'), reason: 'x', second: self::person('odalys'));
        self::assertSame(0, OwnRecord::of(self::person('ansel'))->checks());
    }

    public function testHoursGoToWhoWorkedThen(): void
    {
        $visit = self::visit(5);
        $called = $visit->called_at ?? self::fail('not called');
        VisitMove::query()->create(['id' => Str::uuid7()->toString(), 'visit_id' => $visit->id, 'bay' => 3, 'worked_by' => self::person('ansel')->id, 'made_by' => self::person('ines')->id, 'at' => $called->addHours(2)]);
        $visit->update(['left_at' => $called->addHours(5)]);
        self::assertSame([2.0, 3.0], [OwnRecord::of(self::person('tove'))->hours, OwnRecord::of(self::person('ansel'))->hours]);
    }

    public function testItIsShownAndExportedForOneselfAlone(): void
    {
        $this->signedIn('wren')->get('/account')->assertSee('/account/record', false);
        $this->get('/account/record')->assertOk()->assertSee('5 checks signed')->assertSee('convertible')->assertSee('Second row left')->assertSee('Harvest market, first day');
        $stream = fopen('php://temp', 'w+b') ?: self::fail('no stream');
        fwrite($stream, $this->get('/account/record.csv')->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8; header=present')->streamedContent());
        rewind($stream);
        $rows = array_values(iterator_to_array(Csv::records($stream)));
        self::assertSame(['Day', 'Event', 'Check', 'Seat', 'Kind', 'Place', 'As'], $rows[0]);
        self::assertCount(6, $rows);
        self::assertContains('Ottermoor OM-220', array_column($rows, 3));
        $this->signedIn('tove')->get('/account/record')->assertOk()->assertSee('Nothing was signed yet');
    }
}
