<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Checks\Judge;
use App\FollowUps\FollowUpKind;
use App\FollowUps\FollowUpsPage;
use App\FollowUps\KeepFollowUps;
use App\Models\Check;
use App\Models\FollowUp;
use App\Models\OutgoingMail;
use Illuminate\Support\Str;
use MintBuckle\Core\Record\InspectionPhase;

/** Families to be told that a seat is outgrown or expires. */
final class FollowUpsTest extends FeatureTestCase
{
    private function one(FollowUpKind $kind): FollowUp
    {
        $followUp = FollowUp::query()->where('kind', $kind->value)->with('check.visit.family')->orderBy('due_on')->firstOrFail();
        $followUp->check->visit->family?->update(['contact' => 'maren@example.test']);
        $followUp->check->visit->update(['language' => 'es']);

        return $followUp;
    }

    public function testASignedSeatIsFollowedUpByItsDates(): void
    {
        $check = Check::query()->whereNotNull('signed_at')->where('verdict', 'good_to_ride')->where('model', 'OM-220')->with('visit.event.recallList')->firstOrFail();
        $computed = resolve(Judge::class)->of($check, InspectionPhase::Left)->assessment->computed();
        $kept = FollowUp::query()->where('check_id', $check->id)->get()->mapWithKeys(static fn(FollowUp $one): array => [$one->kind->value => $one->due_on->toDateString()])->all();
        self::assertSame((string) $computed->expiresOn, $kept['expires'] ?? null);
        self::assertSame("{$computed->outgrown['rear_harness']->likely}-01", $kept['outgrown'] ?? null);
    }

    public function testWhoIsDueIsListedWithWhatToSay(): void
    {
        $followUp = $this->one(FollowUpKind::Expires);
        $this->travelTo($followUp->due_on->subDays(FollowUpsPage::AHEAD_DAYS + 1));
        $this->signedIn('odalys')->get('/follow-ups')->assertOk()->assertDontSee($followUp->check_id);
        $this->travelTo($followUp->due_on->subDays(FollowUpsPage::AHEAD_DAYS - 1));
        $this->get('/follow-ups')->assertSee($followUp->check_id)->assertSee('maren@example.test')->assertSee('ya no puede usarse');
        $this->post("/follow-ups/{$followUp->check_id}/expires", ['told' => '1'])->assertRedirect();
        $this->get('/follow-ups')->assertDontSee("follow-ups/{$followUp->check_id}/expires", false);
        $this->get('/follow-ups?all=1')->assertSee('Told by Odalys');
        $this->post("/follow-ups/{$followUp->check_id}/expires", ['told' => '0'])->assertRedirect();
        self::assertNull($followUp->row()->firstOrFail()->told_at);
        $this->post("/follow-ups/{$followUp->check_id}/other", ['told' => '1'])->assertStatus(405);
        $this->post("/follow-ups/{$followUp->check_id}/expires", ['told' => 'maybe'])->assertSessionHasErrors('told');
        $followUp->check->visit->family?->update(['contact' => null]);
        $this->get('/follow-ups?all=1')->assertDontSee($followUp->check_id);
        $this->post("/follow-ups/{$followUp->check_id}/expires", ['told' => '1'])->assertNotFound();
    }

    public function testAMailIsWrittenOnceInTheFamilysLanguage(): void
    {
        $followUp = $this->one(FollowUpKind::Outgrown);
        $before = OutgoingMail::query()->count();
        foreach ([1, 2] as $press) {
            $this->signedIn('odalys')->post("/follow-ups/{$followUp->check_id}/outgrown", ['told' => 'mail'])->assertRedirect();
        }
        self::assertSame($before + 1, OutgoingMail::query()->count(), 'pressed twice, written once');
        $mail = OutgoingMail::query()->orderByDesc('id')->firstOrFail();
        self::assertSame('maren@example.test', $mail->to);
        self::assertStringContainsString('Según las tablas de crecimiento', $mail->text);
        self::assertNotNull($followUp->row()->firstOrFail()->told_at);
    }

    /** What is learnt later moves the day; whoever was told stays told. */
    public function testANewDayNeverUntells(): void
    {
        $followUp = $this->one(FollowUpKind::Expires);
        $this->signedIn('odalys')->post("/follow-ups/{$followUp->check_id}/expires", ['told' => '1']);
        $this->post("/checks/{$followUp->check_id}/amend", ['id' => (string) Str::uuid7(), 'phase' => 'left', 'key' => 'seat.life_years', 'answer' => '6', 'note' => 'Read again.'])->assertSessionMissing('problem');
        $after = $followUp->row()->firstOrFail();
        self::assertNotNull($after->told_at);
        self::assertNotSame($followUp->due_on->toDateString(), $after->due_on->toDateString());
        KeepFollowUps::of(resolve(Judge::class)->of(Check::query()->with('visit.event.recallList')->findOrFail($followUp->check_id), InspectionPhase::Left));
        self::assertNotNull($followUp->row()->firstOrFail()->told_at);
    }
}
