<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Checks\NoteFact;
use App\Models\Check;
use App\Models\SeatModel;
use App\Organisations\CurrentOrganisation;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use MintBuckle\Core\Recall\Folded;
use PHPUnit\Framework\Attributes\DataProvider;

/** A maker or model that neither list nor catalogue knows is matched with nothing: never "no campaign covers it". */
final class NamesTest extends FeatureTestCase
{
    /** @return iterable<string, array{string, string, string, string}> maker, model, what stays open, a near name */
    public static function misread(): iterable
    {
        yield 'a findings-panel of the pen' => ['Ottermor', 'OM-220', 'seat.maker', 'Ottermoor'];
        yield 'with its legal form' => ['OTTERMOOR inc.', 'OM-220', 'seat.maker', 'Ottermoor'];
        yield 'a number cut short' => ['Ottermoor', '220', 'seat.model', 'Ottermoor OM-220 Haven'];
        yield 'the trade name alone' => ['Ottermoor', 'Haven', 'seat.model', 'Ottermoor OM-220 Haven'];
        yield 'the trade name for the maker' => ['Haven', 'OM-220', 'seat.maker', 'Ottermoor OM-220 Haven'];
    }

    #[DataProvider('misread')]
    public function testTheLabelStationKeepsItsQuestionOpen(string $maker, string $model, string $open, string $near): void
    {
        $check = self::check(1);
        $check = $this->reopened($check);
        $this->answer($check, 'seat.maker', ['answer' => $maker])->assertOk();
        $page = $this->answer($check, 'seat.model', ['answer' => $model])->assertOk();

        $page->assertSee('data-verdict="not_finished"', false);
        $this->get("/checks/{$check->id}/left/label")->assertSee("data-doubt=\"{$open}\"", false)->assertSee("data-near=\"{$near}\"", false);
    }

    public function testANearNameOrTheSpellingOnTheLabelSettlesIt(): void
    {
        $check = $this->reopened(self::check(1));
        $this->answer($check, 'seat.maker', ['answer' => 'Ottermor'])->assertOk();
        $this->answer($check, 'seat.maker', ['answer' => 'Ottermoor'])->assertOk()->assertDontSee('data-doubt', false)->assertSee('data-verdict="good_to_ride"', false);

        $this->answer($check, 'seat.maker', ['answer' => 'Selwick & Daughters'])->assertOk();
        preg_match('/name="subject" value="(seat\.maker\/\w+)"/', (string) $this->get("/checks/{$check->id}/left/label")->getContent(), $m);
        $this->post("/checks/{$check->id}/names/label", ['id' => Str::uuid7()->toString(), 'phase' => 'left', 'subject' => $m[1] ?? '', 'holds' => '1', 'note' => 'Selwick & Daughters'])->assertRedirect();
        $this->get("/checks/{$check->id}/left/label")->assertDontSee('data-doubt', false)->assertSee('data-verdict="good_to_ride"', false);
        $this->get("/checks/{$check->id}/log")->assertSee('Spelling confirmed at the label');
    }

    public function testTheFinderSaysThatNothingWasMatched(): void
    {
        $ask = fn(string $maker, string $model) => $this->signedIn()->get('/calculators/recall?' . http_build_query(['f' => ['seat.maker' => ['answer' => $maker], 'seat.model' => ['answer' => $model], 'seat.made_on' => ['answer' => '2024-01-01']]]))->assertOk();

        $ask('Ottermor', 'OM-220')->assertSee('data-answer="unmatched"', false)->assertSee('Ottermoor')->assertDontSee('No campaign of this list covers it');
        $ask('Ottermoor', '220')->assertSee('data-answer="unmatched"', false)->assertSee('OM-220');
        $ask('Ottermoor', 'om220')->assertSee('data-answer="clear"', false);
    }

    public function testARemediedCampaignDoesNotContradictItself(): void
    {
        $this->signedIn()->get('/calculators/recall?' . http_build_query(['f' => ['seat.maker' => ['answer' => 'Brindlehaven'], 'seat.model' => ['answer' => 'BH-3'], 'seat.made_on' => ['answer' => '2018-02-14'], 'seat.remedied' => ['lines' => 'SH-25-14']]]))
            ->assertOk()->assertDontSee('covers this seat.');
        $this->get('/calculators/recall?' . http_build_query(['f' => ['seat.made_on' => ['answer' => '2018-02-14']]]))->assertOk()->assertDontSee('names this seat');
    }

    public function testASearchFindsANumberHoweverItIsWritten(): void
    {
        foreach (['OM220', 'om 220', 'ottermoor haven', 'OM-220'] as $words) {
            $this->signedIn()->get('/seats?q=' . urlencode($words))->assertOk()->assertSee('data-model="OM-220"', false)->assertDontSee('data-model="OM-90"', false);
            $this->get('/checks/' . self::check(3)->id . '/seat?q=' . urlencode($words))->assertOk()->assertSee('data-model="OM-220"', false);
        }
        $this->get('/seats?q=zzz')->assertSee('No model has these words.');
    }

    /** The same facts on a visit that has not left yet: what was signed stays as it is. */
    /** Looked up in names that were folded beforehand; here each is folded and compared, one by one. */
    public function testWhatIsLookedUpIsWhatComparingEachWouldSay(): void
    {
        $titles = SeatModel::inUse()->get(['maker', 'model'])->map(static fn(SeatModel $one): array => [$one->maker, $one->model])->all();
        $spelled = [strtoupper(...), strtolower(...), ucwords(...), static fn(string $s): string => str_replace('-', ' ', $s), static fn(string $s): string => " {$s}. ", static fn(string $s): string => substr($s, 1), static fn(string $s): string => "{$s}x"];
        $asked = 0;
        foreach ($titles as [$maker]) {
            foreach ($titles as [, $model]) {
                foreach ($spelled as $spell) {
                    [$m, $n] = [$spell($maker), $spell($model)];
                    $same = array_filter($titles, static fn(array $one): bool => Folded::text($one[0]) === Folded::text($m));
                    self::assertSame($same !== [], SeatModel::isNamed($m), $m);
                    self::assertSame(array_filter($same, static fn(array $one): bool => Folded::text($one[1]) === Folded::text($n)) !== [], SeatModel::isNamed($m, $n), "{$m} {$n}");
                    $asked++;
                }
            }
        }
        self::assertGreaterThan(500, $asked);
    }

    public function testAModelIsKnownAsSoonAsItIsEnteredAndAsLongAsItHolds(): void
    {
        self::assertFalse(SeatModel::isNamed('Zedwick'));
        $entered = SeatModel::query()->where('model', 'OM-220')->sole()->replicate()->fill(['maker' => 'Zedwick', 'model' => '220', 'version' => 1]);
        $entered->save();
        self::assertTrue(SeatModel::isNamed('zed-wick'));
        self::assertTrue(SeatModel::isNamed('Zedwick', '2 20'), 'a number of digits alone');
        self::assertFalse(SeatModel::isNamed('Zedwick', 'OM-220'), 'of another maker');
        self::assertFalse(SeatModel::isNamed('', ''));

        $entered->update(['replaced_by' => SeatModel::query()->where('model', 'OM-90')->sole()->id]);
        self::assertFalse(SeatModel::isNamed('Zedwick'));
    }

    /** Whoever asks before the transaction ends sees the names of before, and remembers them. */
    public function testNamesThatWereRememberedMeanwhileAreForgottenToo(): void
    {
        DB::transaction(static function (): void {
            SeatModel::query()->where('model', 'OM-220')->sole()->replicate()->fill(['maker' => 'Zedwick', 'model' => '220', 'version' => 1])->save();
            foreach (['catalogue.names.folded' => '[]', 'catalogue.names.looked-up' => []] as $what => $ofBefore) {
                Cache::forever(CurrentOrganisation::key($what), $ofBefore);
            }
            self::assertFalse(SeatModel::isNamed('Zedwick'));
        });

        self::assertTrue(SeatModel::isNamed('Zedwick', '220'));
        self::assertContains('Zedwick', array_column(SeatModel::names(), 'maker'));
    }

    private function reopened(Check $signed): Check
    {
        $this->signedIn();
        $visit = $signed->visit->replicate()->fill(['ticket' => 900, 'left_at' => null, 'submission' => Str::uuid7()->toString()]);
        $visit->save();
        $check = Check::query()->create(['id' => Str::uuid7()->toString(), 'visit_id' => $visit->id, 'letter' => 'A', 'seat_model_id' => $signed->seat_model_id]);
        foreach ($signed->facts()->whereNull('undoes')->with('author')->orderBy('seq')->get() as $fact) {
            NoteFact::append($check, Str::uuid7()->toString(), $fact->phase, $fact->key, $fact->value, $fact->author, $fact->recorded_at);
        }

        return Check::query()->findOrFail($check->id);
    }
}
