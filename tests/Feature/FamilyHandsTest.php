<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Check;
use App\Models\Consent;
use App\Models\Fact;
use Illuminate\Support\Str;
use MintBuckle\Core\Record\InspectionPhase;

/** The card in the family's hands, their consent, and a check that was written on paper. */
final class FamilyHandsTest extends FeatureTestCase
{
    public function testEachAdultShowsEachStepAlone(): void
    {
        $check = self::check(3);
        $card = fn(int $adult = 1): string => (string) $this->signedIn()->get("/checks/{$check->id}/card/family?adult={$adult}")->assertOk()->getContent();
        self::assertStringContainsString('How many adults', $card());
        $this->post("/visits/{$check->visit_id}/adults", ['check' => $check->id, 'adults' => 2])->assertRedirect();
        $this->post("/visits/{$check->visit_id}/adults", ['check' => $check->id, 'adults' => 9])->assertSessionHasErrors('adults');
        self::assertStringContainsString('data-adult="2"', $card());
        $subjects = static function (string $html): array {
            preg_match_all('/name="subject"\s+value="([^"]+)"/', $html, $m);

            return $m[1];
        };
        $show = fn(int $adult, string $subject, string $how) => $this->post("/checks/{$check->id}/card/family", ['id' => (string) Str::uuid7(), 'phase' => 'left', 'adult' => $adult, 'subject' => $subject, 'how' => $how])->assertRedirect();
        $back = fn() => $this->post("/checks/{$check->id}/facts/handover", ['id' => (string) Str::uuid7(), 'phase' => 'left', 'key' => 'handover.shown_back', 'answer' => 'yes']);
        foreach ([1, 2] as $adult) {
            $steps = $subjects($card($adult));
            self::assertGreaterThan(3, count($steps));
            foreach ($steps as $i => $subject) {
                self::assertStringNotContainsString('data-shown-back', $card($adult));
                $show($adult, $subject, $i === 0 ? 'help' : 'alone');
            }
            $back()->assertSessionHas('problem');
            $show($adult, $steps[0], 'alone');
        }
        self::assertStringContainsString('Shown back', $card(2));
        $back()->assertSessionMissing('problem');
        self::assertTrue(Check::query()->findOrFail($check->id)->caseOf(InspectionPhase::Left)->case->handover?->shownBack);
    }

    /** What comes next stands on the card as on the sheet. */
    public function testSheetAndCardAgree(): void
    {
        $check = self::check(3);
        $sheet = (string) $this->signedIn()->get("/visits/{$check->visit_id}/sheet")->assertOk()->assertSee('What comes next')->assertSee('What you already did right')->getContent();
        $next = static fn(string $html): string => preg_match('/<dl class="what-next".*?<\/dl>/s', $html, $m) === 1 ? (string) preg_replace('/\s+/', ' ', strip_tags($m[0])) : '';
        $card = (string) $this->get("/checks/{$check->id}/card/family")->assertOk()->getContent();
        self::assertNotSame('', $next($card));
        self::assertStringContainsString($next($card), (string) preg_replace('/\s+/', ' ', strip_tags($sheet)));
        $this->post("/visits/{$check->visit_id}/language", ['language' => 'es']);
        $this->get("/visits/{$check->visit_id}/sheet")->assertSee('Lo que viene después');
    }

    public function testAParentConsents(): void
    {
        $visit = self::visit(3);
        $visit->update(['language' => 'es']);
        $this->signedIn()->get("/visits/{$visit->id}/consent")->assertOk()->assertSee('Acepto que un técnico');
        $this->from("/visits/{$visit->id}/consent")->post("/visits/{$visit->id}/consent", ['name' => ' '])->assertSessionHasErrors();
        $this->post("/visits/{$visit->id}/consent", ['signature' => 'M10 10 L"><script>'])->assertSessionHasErrors('signature');
        $this->post("/visits/{$visit->id}/consent", ['signature' => 'M10 10 L20 20 L30 5 M5 5 L6 6'])->assertSessionHasNoErrors()->assertRedirect();
        $kept = Consent::query()->findOrFail($visit->id);
        self::assertSame(['es', 'M10 10 L20 20 L30 5 M5 5 L6 6', null], [$kept->language, $kept->signature, $kept->name]);
        self::assertStringContainsString('Harvest market', $kept->wording);
        self::assertDatabaseMissing('consents', ['wording' => $kept->wording]);
        $this->get("/visits/{$visit->id}/consent")->assertSee('d="M10 10 L20 20', false);
        $this->post("/visits/{$visit->id}/consent", ['name' => 'Maren'])->assertRedirect();
        self::assertSame(['Maren', 1], [Consent::query()->findOrFail($visit->id)->name, Consent::query()->where('visit_id', $visit->id)->count()]);
        $visit->update(['left_at' => now()]);
        $this->post("/visits/{$visit->id}/consent", ['name' => 'Somebody'])->assertNotFound();
    }

    public function testPaperIsTypedInLater(): void
    {
        $check = self::check(3);
        $this->signedIn()->get('/paper')->assertOk()->assertSee('A check on paper')->assertSee('Chest clip')->assertDontSee('bus.');
        $this->from("/checks/{$check->id}/left/label")->post("/checks/{$check->id}/paper", ['phase' => 'left', 'seen_at' => 'ten'])->assertSessionHasErrors('seen_at');
        $this->travelTo($check->visit->event->held_on->setTime(23, 0));
        $this->post("/checks/{$check->id}/paper", ['phase' => 'left', 'seen_at' => '23:59'])->assertSessionHasErrors('seen_at');
        $this->post("/checks/{$check->id}/paper", ['phase' => 'left', 'seen_at' => '10:40'])->assertSessionHasNoErrors()->assertRedirect();
        $this->get("/checks/{$check->id}/left/label")->assertSee('seen at 10:40');
        $this->post("/checks/{$check->id}/facts/measure", ['id' => $id = (string) Str::uuid7(), 'phase' => 'left', 'key' => 'setup.wedge', 'answer' => 'none'])->assertRedirect();
        $fact = Fact::query()->findOrFail($id);
        self::assertSame('10:40', $check->visit->event->clock($fact->observed_at));
        self::assertTrue($fact->recorded_at->isAfter($fact->observed_at));
        $this->get("/checks/{$check->id}/log")->assertSee('seen 10:40');
        $this->post("/checks/{$check->id}/paper", ['phase' => 'left', 'seen_at' => ''])->assertRedirect();
        $this->get("/checks/{$check->id}/left/label")->assertDontSee('Typed in from paper');
    }
}
