<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Checks\AssembleCase;
use App\Checks\NoteFact;
use App\Models\Campaign;
use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\RecallFollowUp;
use App\Models\RecallImport;
use App\Models\RecallList;
use App\Recalls\ImportState;
use App\Recalls\MatchAgain;
use App\Recalls\ReadRecallList;
use App\Recalls\RecallExport;
use App\Recalls\RecallFile;
use App\Recalls\TakeRecallList;
use Carbon\CarbonImmutable;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Rulebook;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;

final class RecallsTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake();
        config(['recalls.feed' => 'http://feed.test', 'recalls.back_off_ms' => [1, 1]]);
    }

    /** Where the event is, it is another day at times. */
    private static function today(): string
    {
        return CarbonImmutable::now(CheckupEvent::current()->timezone)->toDateString();
    }

    private const CSV = "id,maker,models,made_from,made_to,advice,defect,remedy\r\nN-1,Pellwick,PW-410|PW-4*,2020-01-01,2030-01-01,stop_use,\"it \"\"may\"\" open,\r\nsuddenly\",a new one\r\nN-2,Nobody,,,,,,\r\n";

    public function testAFileIsReadLookedAtAndTaken(): void
    {
        $before = RecallList::current()?->id;
        $import = $this->upload(self::CSV, self::today());

        self::assertSame([ImportState::Ready, 2, []], [$import->state, $import->size, $import->problems]);
        self::assertSame([2, 3, 0], $import->changes['counts'] ?? null);
        self::assertSame($before, RecallList::current()?->id, 'nothing is taken yet');
        $this->get("/recalls/imports/{$import->id}")->assertOk()->assertSee('Take this list')->assertSee('N-1, N-2');

        $this->put("/recalls/imports/{$import->id}")->assertRedirect();
        $list = RecallList::current();
        self::assertNotNull($list);
        self::assertNotSame($before, $list->id);
        self::assertSame([$list->id, ImportState::Taken], [CheckupEvent::current()->recall_list_id, $import->refresh()->state]);
        Storage::assertMissing($import->path);
        self::assertSame("it \"may\" open,\r\nsuddenly", Campaign::query()->where('code', 'N-1')->sole()->defect);
        $this->get('/recalls')->assertOk()->assertSee(CarbonImmutable::parse(self::today())->format('j M Y'))->assertSee('Of today')->assertSee('data-campaign="N-2"', false);
        $this->get('/recalls?q=pell-wick')->assertSee('data-campaign="N-1"', false)->assertDontSee('data-campaign="N-2"', false);
    }

    public function testPressingTwiceTakesOnce(): void
    {
        $import = $this->upload(self::CSV, self::today());
        $this->put("/recalls/imports/{$import->id}");
        $lists = RecallList::query()->count();
        $this->put("/recalls/imports/{$import->id}")->assertRedirect();

        self::assertSame($lists, RecallList::query()->count());
    }

    /** @return iterable<string, array{string, string|null, string}> file, date, what is said */
    public static function broken(): iterable
    {
        yield 'a day there is not' => ["id,maker,made_from\nX-1,A,2024-02-30\n", '2026-01-01', 'line 2.made_from'];
        yield 'a line too short, after one of two lines' => ["id,maker,defect\nX-1,A,\"two\nlines\"\nX-2,B\n", '2026-01-01', 'line 4'];
        yield 'no date' => ["id,maker\nX-1,A\n", null, 'nobody knows how fresh'];
        yield 'from tomorrow' => ["id,maker\nX-1,A\n", '2099-01-01', 'lies after today'];
        yield 'twice the same' => ["id,maker\nX-1,A\nX-1,B\n", '2026-01-01', 'line 3.id'];
        yield 'no UTF-8' => ["id,maker\nX-1,\xff\n", '2026-01-01', 'is not UTF-8 text'];
        yield 'an empty file' => ['', '2026-01-01', 'lacks the column id'];
        yield 'another format' => ['{"format": "mint-buckle/case"}', null, 'is no mint-buckle/recall-list'];
        yield 'cut short' => ['{"format": "mint-buckle/recall-list", "version": 1, "dated": "2026-01-01", "campaigns": [{"id"', null, 'or was cut short'];
        yield 'a wrong campaign' => ['{"format": "mint-buckle/recall-list", "version": 1, "dated": "2026-01-01", "campaigns": [{"id": "X", "maker": "A", "advice": "burn_it"}, 7]}', null, 'campaigns.0.advice'];
    }

    #[DataProvider('broken')]
    public function testWhatIsBrokenIsRefusedWhole(string $content, ?string $dated, string $says): void
    {
        $before = [RecallList::query()->count(), Campaign::query()->count()];
        $import = $this->upload($content, $dated);

        self::assertSame(ImportState::Refused, $import->state);
        $this->get("/recalls/imports/{$import->id}")->assertOk()->assertSee('Nothing was changed')->assertSee($says)->assertDontSee('Take this list');
        $this->put("/recalls/imports/{$import->id}");
        self::assertSame($before, [RecallList::query()->count(), Campaign::query()->count()]);
    }

    public function testOnlyFilesAndDates(): void
    {
        $this->signedIn()->post('/recalls/imports', ['dated' => 'June'])->assertSessionHasErrors(['list', 'dated']);
    }

    public function testACheckLooksOnlyAtWhatMayConcernItsSeat(): void
    {
        $import = $this->upload("id,maker,models\nA-1,OTTERMOOR,om 22*\nA-2,Ottermoor,OM-9*\nA-3,Ottermoor,\nA-4,Pellwick,\n", self::today());
        $this->put("/recalls/imports/{$import->id}");
        $case = AssembleCase::read(self::check(3)->load('visit.event.recallList'), InspectionPhase::Left);

        self::assertSame(['A-1', 'A-3'], array_map(static fn($c): string => $c->id, $case->recallList->campaigns ?? []));
        self::assertSame('affected', Assessor::assess($case, Rulebook::current())->computed()->recall?->worst());
        self::assertCount(4, RecallList::current()?->candidates(null, null) ?? [], 'of an unknown maker anything is possible');
        self::assertSame([], RecallList::current()?->candidates('Quillroe', 'Q-15'));
    }

    /** Uncounted, a new list is planned for as the few campaigns of before, and read whole for every seat. */
    public function testANewListIsCountedAtOnce(): void
    {
        $lines = array_map(static fn(int $n): string => "C-{$n},Maker " . $n % 40 . ",M{$n}*", range(1, 3_000));
        $import = $this->upload("id,maker,models\n" . implode("\n", $lines) . "\n", self::today());
        $this->put("/recalls/imports/{$import->id}");
        $list = RecallList::current();
        self::assertSame(3_000, $list?->size);

        self::assertEqualsWithDelta(
            Campaign::query()->count(),
            DB::scalar("select reltuples from pg_class where oid = 'campaigns'::regclass"),
            0.5,
        );
        $keys = DB::table('campaign_keys')->where('recall_list_id', $list->id)->where('maker', 'maker7')->whereIn('beginning', ['', 'm', 'm7']);
        $plan = DB::select('explain ' . $keys->toRawSql());
        self::assertStringContainsString('campaign_keys_pkey', json_encode($plan, JSON_THROW_ON_ERROR));
        self::assertSame(['C-7'], array_map(static fn($one): mixed => $one->id, $list->candidates('maker-7', 'M 7')));
    }

    public function testPastChecksAreMatchedAgainAndFamiliesTold(): void
    {
        $gone = self::check(1);
        $gone->visit->family?->update(['contact' => '0100 555 010']);
        $model = $gone->seatModel;
        self::assertNotNull($model);
        $import = $this->upload("id,maker,models,advice,defect\nZ-1,{$model->maker},{$model->model},usable_until_remedy,the label may peel\n", self::today());
        $this->put("/recalls/imports/{$import->id}");

        $page = $this->get('/recalls')->assertOk()->assertSee('data-follow-up="affected"', false)->assertSee('0100 555 010')->assertSee('Z-1: the label may peel. It may be used until it is put right: ask the maker.');
        $page->assertSee('They were told');
        $list = RecallList::current();
        self::assertNotNull($list);
        $this->post("/recalls/{$list->id}/follow-ups/{$gone->id}", ['told' => '1'])->assertRedirect();
        self::assertNotNull(RecallFollowUp::query()->where('check_id', $gone->id)->where('recall_list_id', $list->id)->sole()->told_at);
        $import->refresh()->update(['state' => ImportState::Matching, 'matched_to' => null]);
        app(MatchAgain::class)->goOn($import);
        self::assertNotNull(RecallFollowUp::query()->where('check_id', $gone->id)->where('recall_list_id', $list->id)->sole()->told_at, 'matching once more forgets nothing');

        // The next list names the same again, and one more elsewhere: who was told of all that stays told.
        $line = "{$model->maker},{$model->model},usable_until_remedy,the label may peel";
        $told = function (string $csv) use ($gone): bool {
            $this->put("/recalls/imports/{$this->upload("id,maker,models,advice,defect\n{$csv}", self::today())->id}");

            return RecallFollowUp::query()->where('check_id', $gone->id)->orderByDesc('recall_list_id')->firstOrFail()->told_at !== null;
        };
        self::assertTrue($told("Z-1,{$line}\nZ-9,Nobody,N-1,stop_use,x\n"));
        self::assertFalse($told("Z-1,{$line}\nZ-2,{$line}\n"), 'of another campaign they do not know');
    }

    /** Matching is killed anywhere and goes on from there; only a list that is matched whole is said to be taken. */
    public function testMatchingGoesOnWhereItWasKilled(): void
    {
        Queue::fake();
        $model = self::check(1)->seatModel;
        self::assertNotNull($model);
        $visit = self::visit(1);
        $visit->family?->update(['contact' => '0100 555 010']);
        $facts = self::check(1)->facts()->where('key', 'seat')->firstOrFail();
        for ($n = 0; $n < 600; $n++) {
            $check = Check::query()->create(['id' => (string) Str::uuid7(), 'visit_id' => $visit->id, 'letter' => base_convert((string) (36 + $n), 10, 36), 'signed_at' => now(), 'signed_by' => $facts->author->id, 'rulebook' => '1', 'assessment' => []]);
            NoteFact::append($check, (string) Str::uuid7(), InspectionPhase::Found, 'seat', $facts->value, $facts->author, $facts->recorded_at);
        }
        $import = $this->upload("id,maker,models,advice,defect\nZ-1,{$model->maker},{$model->model},stop_use,x\n", self::today());
        app(ReadRecallList::class)($import->refresh());
        app(TakeRecallList::class)($import);
        self::assertSame(ImportState::Matching, $import->refresh()->state);
        self::assertTrue(app(MatchAgain::class)->goOn($import));
        self::assertSame([ImportState::Matching, 500], [$import->refresh()->state, $import->matched]);
        $this->get("/recalls/imports/{$import->id}")->assertOk()->assertSee('past checks are being matched')->assertSee('data-state="matching"', false);

        try {
            DB::transaction(function () use ($import): void {
                app(MatchAgain::class)->goOn($import);
                throw new RuntimeException('killed');
            });
        } catch (RuntimeException) {
            self::assertSame([ImportState::Matching, 500], [$import->refresh()->state, $import->matched], 'half a step is none');
        }
        self::assertFalse(app(MatchAgain::class)->goOn($import));
        self::assertSame(ImportState::Taken, $import->refresh()->state);
        self::assertFalse(app(MatchAgain::class)->goOn($import), 'nothing is done twice');
        self::assertSame(Check::query()->count(), $import->refresh()->matched);
        self::assertSame(600, RecallFollowUp::query()->where('recall_list_id', $import->recall_list_id)->whereRelation('check', 'rulebook', '1')->count());

        $page = $this->get('/recalls')->assertOk()->assertSee('Page 1 of');
        self::assertLessThan(150_000, strlen((string) $page->getContent()));
        $this->get('/recalls?families=2')->assertOk()->assertSee('Page 2 of');
        $this->get('/recalls?families=999')->assertOk();
        $this->get('/recalls?families[]=x')->assertOk();
    }

    /** @return iterable<string, array{string}> */
    public static function hostile(): iterable
    {
        yield 'an archive' => ["PK\x03\x04" . str_repeat("\0\x13\x37\xFF", 800)];
        yield 'a NUL in CSV' => ["id,maker\nA\0,B\n"];
        yield 'a NUL in JSON' => ['{"format":"mint-buckle/recall-list","version":1,"dated":"2026-01-01","campaigns":[{"id":"A\\u0000","maker":"B","advice":"stop_use"}]}'];
        yield 'a key twice' => ['{"format":"mint-buckle/recall-list","version":1,"dated":"2026-01-01","campaigns":[{"id":"A","maker":"B","maker":"C","advice":"stop_use"}]}'];
        yield 'campaigns twice' => ['{"format":"mint-buckle/recall-list","version":1,"dated":"2026-01-01","campaigns":[],"campaigns":[]}'];
        yield 'a column that is no text' => ["id,maker,\xC3\x28\nA,B,C\n"];
        yield 'ten thousand empty campaigns' => ['{"format":"mint-buckle/recall-list","version":1,"dated":"2026-01-01","campaigns":[' . implode(',', array_fill(0, 10_000, '{}')) . ']}'];
        yield 'nothing' => [''];
    }

    #[DataProvider('hostile')]
    public function testEveryListEnds(string $content): void
    {
        $import = $this->upload($content, self::today());
        self::assertSame(ImportState::Refused, $import->refresh()->state);
        self::assertNotSame([], $import->problems);
        self::assertLessThanOrEqual(100, count($import->problems));
        $this->get("/recalls/imports/{$import->id}")->assertOk();
        Storage::assertMissing($import->path);
    }

    /** As long as a file may be: read campaign by campaign, whatever there are. */
    public function testALongListIsReadInLittleMemory(): void
    {
        $file = UploadedFile::fake()->create('long.json');
        $out = fopen($file->getPathname(), 'wb');
        assert($out !== false);
        fwrite($out, '{"format":"mint-buckle/recall-list","version":1,"dated":"' . self::today() . '","campaigns":[');
        for ($n = 0; $n < 12_000; $n++) {
            fwrite($out, ($n === 0 ? '' : ',') . json_encode(['id' => "L-{$n}", 'maker' => 'Pellwick', 'advice' => 'stop_use', 'defect' => str_repeat('x', 900)]));
        }
        fwrite($out, ']}');
        fclose($out);
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $read = RecallFile::read($file->getPathname(), null, CheckupEvent::current()->dayOf(now()), static fn() => null);
        self::assertSame(12_000, $read->size);
        self::assertLessThan(16_000_000, memory_get_peak_usage() - $before, 'of more than eleven megabytes');
    }

    public function testExportsAreReadBackUnchanged(): void
    {
        $list = RecallList::current();
        self::assertNotNull($list);
        $written = static function (callable $write): string {
            ob_start();
            $write();

            return (string) ob_get_clean();
        };
        $json = $written((new RecallExport($list))->json(...));
        $schema = (string) file_get_contents(base_path('docs/schema/recall-list.schema.json'));
        self::assertTrue((new Validator())->validate(json_decode($json), $schema)->isValid());
        self::assertSame([0, 0, 0], $this->upload($json, null)->changes['counts'] ?? null);
        self::assertSame([0, 0, 0], $this->upload($written((new RecallExport($list))->csv(...)), $list->dated->toDateString())->changes['counts'] ?? null);
        $this->get("/recalls/{$list->id}/export.csv")->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8; header=present');
        $this->get("/recalls/{$list->id}/export.xml")->assertNotFound();
    }

    public function testTheFeedIsAskedAgainBeforeItIsGivenUp(): void
    {
        $good = '{"format": "mint-buckle/recall-list", "version": 1, "dated": "' . self::today() . '", "campaigns": []}';
        Http::fakeSequence('feed.test/*')->pushStatus(500)->pushStatus(503)->push($good);
        $this->signedIn()->post('/recalls/feed', ['behaviour' => 'broken'])->assertRedirect();

        self::assertSame([ImportState::Ready, 0], [self::last()->state, self::last()->size]);
        Http::assertSentCount(3);
        Http::assertSent(static fn(Request $request): bool => $request->url() === 'http://feed.test/broken.json');
    }

    public function testAFeedThatNeverAnswersChangesNothing(): void
    {
        Http::fake(static fn() => throw new ConnectionException('timed out'));
        $before = RecallList::current()?->id;
        $this->signedIn()->post('/recalls/feed', ['behaviour' => 'slow'])->assertRedirect();

        self::assertSame(ImportState::Refused, self::last()->state);
        self::assertStringContainsString('did not answer in time, 3 times', self::last()->problems[0]['message']);
        self::assertSame($before, RecallList::current()?->id);
        $this->post('/recalls/feed', ['behaviour' => 'moody'])->assertSessionHasErrors('behaviour');
    }

    public function testACancelledListLeavesNoTrace(): void
    {
        $import = $this->upload(self::CSV, self::today());
        $this->delete("/recalls/imports/{$import->id}")->assertRedirect();
        $this->put("/recalls/imports/{$import->id}");

        self::assertSame(ImportState::Cancelled, $import->refresh()->state);
        self::assertSame(0, Campaign::query()->where('code', 'N-1')->count());
    }

    private function upload(string $content, ?string $dated): RecallImport
    {
        $this->signedIn()->post('/recalls/imports', ['list' => UploadedFile::fake()->createWithContent('list.csv', $content), 'dated' => $dated])->assertRedirect();

        return self::last();
    }

    private static function last(): RecallImport
    {
        return RecallImport::query()->orderByDesc('id')->firstOrFail();
    }
}
