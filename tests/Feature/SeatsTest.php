<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalogue\Notation;
use App\Catalogue\SeatModelFile;
use App\Models\Check;
use App\Models\SeatModel;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use MintBuckle\Core\Catalogue\ModelField;
use MintBuckle\Core\Catalogue\ModelFields;
use MintBuckle\Core\Catalogue\ModelText;
use MintBuckle\Core\Record\InspectionPhase;
use Opis\JsonSchema\Validator;
use Symfony\Component\HttpFoundation\Response;

final class SeatsTest extends FeatureTestCase
{
    private const TYPED = [
        'maker' => 'Dunmarrow', 'model' => 'DM-7', 'name' => 'Lantern', 'life_years' => '8', 'standards' => 'fmvss213', 'weight' => '18 lb', 'lockoff' => 'yes', 'tether_rear' => 'allowed', 'slots' => '8 in, 10 in, 12 in',
        'modes-rear_harness-weight_min' => '5 lb', 'modes-rear_harness-weight_max' => '40 lb; 35 lb with lower anchors', 'modes-rear_harness-height_max' => '44 in', 'modes-rear_harness-recline' => '1, 2 to 20 lb; 2, 3 from 20 lb',
    ];

    public function testAModelIsTypedFromItsManual(): void
    {
        $this->signedIn()->get('/seats/new')->assertOk()->assertSee('data-kind="convertible"', false);
        $this->get('/seats/new?kind=convertible')->assertOk()->assertSee('Child weighs at most');
        $this->post('/seats', ['kind' => 'convertible', 'modes' => ['rear_harness'], 'typed' => self::TYPED])->assertRedirect();
        $model = SeatModel::query()->where('model', 'DM-7')->sole();

        self::assertSame([1, 'Dunmarrow DM-7 Lantern'], [$model->version, $model->title()]);
        self::assertEquals([(object) ['value' => 40, 'unit' => 'lb'], (object) ['value' => 35, 'unit' => 'lb', 'held_by' => 'lower_anchors']], data_get($model->rules, 'modes.rear_harness.weight_max'));
        $this->get("/seats/{$model->id}")->assertOk()->assertSee('40 lb; 35 lb with lower anchors')->assertSee('data-drawing="child"', false)->assertSee('data-slot="3"', false);
        $this->get('/arrive/seats?children[0][seat_words]=dm7')->assertSee('Dunmarrow DM-7 Lantern');
    }

    /** Two people type from the same version: the second is shown what the first changed, and chooses. */
    public function testASaveFromAStalePageOverwritesNothing(): void
    {
        $save = ['kind' => 'convertible', 'modes' => ['rear_harness'], 'typed' => self::TYPED];
        $this->signedIn()->post('/seats', $save)->assertRedirect();
        $first = SeatModel::query()->where('model', 'DM-7')->sole();
        $this->post('/seats', ['before' => $first->id, 'seen' => $first->id, 'typed' => ['life_years' => '7'] + self::TYPED] + $save)->assertRedirect();
        $second = SeatModel::query()->where('model', 'DM-7')->where('version', 2)->sole();

        $stale = ['before' => $first->id, 'seen' => $first->id, 'typed' => ['weight' => '20 lb'] + self::TYPED] + $save;
        $page = $this->from("/seats/{$first->id}/edit")->followingRedirects()->post('/seats', $stale)->assertOk();
        $page->assertSee('data-overtaken="2"', false)->assertSee('mine: 8')->assertSee('version 2: 7')->assertSee('mine: 20 lb')->assertSee('version 2: 18 lb')->assertSee('value="20 lb"', false)->assertSee("name=\"seen\" value=\"{$second->id}\"", false);
        self::assertSame(2, SeatModel::query()->where('model', 'DM-7')->count());
        // What nobody but the other changed is theirs beforehand; what one changed oneself is one's own.
        self::assertMatchesRegularExpression('/take\[life_years\]" value="theirs"\s+checked/', (string) $page->getContent());
        self::assertMatchesRegularExpression('/take\[weight\]" value="mine"\s+checked/', (string) $page->getContent());
        $this->post('/seats', ['seen' => $second->id, 'take' => ['life_years' => 'theirs', 'weight' => 'mine']] + $stale)->assertRedirect();
        $third = SeatModel::query()->where('model', 'DM-7')->whereNull('replaced_by')->sole()->rules;
        self::assertSame([20, 7], [data_get($third, 'weight.value'), data_get($third, 'life_years')]);

        $this->from('/seats/new')->post('/seats', ['typed' => ['weight' => '21 lb'] + self::TYPED] + $save)->assertRedirect('/seats/new')->assertSessionHas('overtaken');
        self::assertSame(3, SeatModel::query()->where('model', 'DM-7')->count(), 'a model that is there already is no new one');
    }

    public function testWhatCannotBeReadLosesNothing(): void
    {
        $this->signedIn()->from('/seats/new')->followingRedirects()->post('/seats', ['kind' => 'convertible', 'modes' => ['rear_harness'], 'typed' => ['modes-rear_harness-weight_max' => 'forty', 'life_years' => '99'] + self::TYPED])
            ->assertOk()->assertSeeInOrder(['Nothing is lost.', '2 things need', 'another look below.'])->assertSee('value="forty"', false)->assertSee('value="Lantern"', false);
        self::assertSame(0, SeatModel::query()->where('model', 'DM-7')->count());
    }

    public function testRowsOfTheFormAreReadAndComeBack(): void
    {
        $rows = [
            'modes-rear_harness-weight_max' => [['amount' => '40', 'unit' => 'lb'], ['amount' => '35', 'unit' => 'lb', 'held' => 'lower anchors', 'from' => '2016-04']],
            'modes-forward_harness-age_min_months' => [['amount' => '2', 'unit' => 'years']],
            'modes-rear_harness-zones' => [['name' => 'small', 'age_to' => '3 months'], ['name' => 'big', 'from' => '9 lb', 'sits' => 'yes'], ['name' => '']],
            'modes-rear_harness-recline' => [['settings' => '1, 2', 'to' => '20 lb'], ['settings' => '3', 'from' => '20 lb']],
            'inserts' => [['name' => 'newborn', 'from' => '4 lb', 'to' => '11 lb']],
            'nonsense' => [['amount' => '1']],
        ];
        $about = ['contact' => 'Dunmarrow, 555 0177', 'register_at' => 'the card in the box', 'parts' => [['name' => 'tether strap', 'essential' => '1'], ['name' => 'cup holder'], ['name' => '']]];
        $send = ['kind' => 'convertible', 'modes' => ['rear_harness', 'forward_harness'], 'typed' => ['maker' => 'Dunmarrow', 'model' => 'DM-8'], 'rows' => $rows, 'about' => $about];
        $this->signedIn()->from('/seats/new?kind=convertible')->followingRedirects()->post('/seats', ['rows' => ['modes-rear_harness-weight_max' => [['amount' => 'forty', 'unit' => 'lb', 'held' => 'belt']]] + $rows] + $send)
            ->assertOk()->assertSee('value="forty"', false)->assertSee('value="newborn"', false)->assertSee('value="tether strap"', false);
        $this->post('/seats', $send)->assertRedirect();
        $model = SeatModel::query()->where('model', 'DM-8')->sole();
        self::assertEquals(json_decode('{"maker":"Dunmarrow","model":"DM-8","inserts":[{"name":"newborn","weight_min":{"value":4,"unit":"lb"},"weight_max":{"value":11,"unit":"lb"}}],"modes":{"rear_harness":{"weight_max":[{"value":40,"unit":"lb"},{"value":35,"unit":"lb","made_from":"2016-04-01","held_by":"lower_anchors"}],"zones":[{"name":"small","age_max_months":3},{"name":"big","weight_min":{"value":9,"unit":"lb"},"needs_sitting":true}],"recline":[{"settings":[1,2],"weight_max":{"value":20,"unit":"lb"}},{"settings":[3],"weight_min":{"value":20,"unit":"lb"}}]},"forward_harness":{"age_min_months":24}}}'), $model->rules);
        self::assertEquals(['contact' => 'Dunmarrow, 555 0177', 'register_at' => 'the card in the box', 'parts' => [['name' => 'tether strap', 'essential' => true], ['name' => 'cup holder', 'essential' => false]]], $model->about);
        $this->get("/seats/{$model->id}/edit")->assertOk()->assertSee('value="2016-04-01"', false)->assertSee('value="tether strap"', false);
        $this->get("/seats/{$model->id}")->assertSee('Dunmarrow, 555 0177')->assertSee('tether strap, cup holder');
        // Sent again as it stands there, nothing is new.
        $this->post('/seats', ['seen' => $model->id, 'before' => $model->id] + $send);
        self::assertSame(1, SeatModel::query()->where('model', 'DM-8')->count());
        $this->post('/seats', ['seen' => $model->id, 'before' => $model->id, 'about' => ['contact' => 'Dunmarrow, 555 0178']] + $send);
        self::assertSame('Dunmarrow, 555 0178', SeatModel::inUse()->where('model', 'DM-8')->sole()->about['contact'] ?? null);
        $this->take(SeatModelFile::toJson(SeatModel::inUse()->get()))->assertSessionHas('status', SeatModel::inUse()->count() . ' models read, 0 of them new or changed.');
    }

    /** The few words of the notation are told in the reader's language; names are not, whatever words they are made of. */
    public function testTheNotationIsToldAndNamesAreNot(): void
    {
        app()->setLocale('es');
        $field = static fn(string $path): ModelField => ModelFields::at($path) ?? self::fail($path);
        foreach ([
            ['modes.rear_harness.weight_max', 'under 40 lb; 35 lb with lower anchors made from 2016-04-01', 'menos de 40 lb; 35 lb con anclajes inferiores fabricado desde 2016-04-01'],
            ['modes.forward_harness.age_min_months', '24 months', '24 meses'],
            ['inserts', 'next to the body from 4 lb to 11 lb', 'next to the body desde 4 lb hasta 11 lb'],
            ['modes.rear_harness.zones', 'made to sit to 3 months, need not sit', 'made to sit hasta 3 meses, sin necesidad de sentarse'],
            ['slots', 'none', 'ninguno'],
            ['name', 'From coast to coast', 'From coast to coast'],
            ['standards', 'fmvss213', 'fmvss213'],
        ] as [$path, $typed, $told]) {
            self::assertSame($told, Notation::told($field($path), $typed));
        }
    }

    public function testTheListIsSearchedFilteredAndTurned(): void
    {
        $this->signedIn()->get('/seats')->assertOk()->assertSee('13 models')->assertSee('Rear-facing')->assertSee('up to', false);
        $this->get('/seats?kind=infant+seat+on+base')->assertSee('data-model="OM-90"', false)->assertDontSee('data-model="OM-220"', false);
        $this->get('/seats?ride=backless_booster')->assertDontSee('data-model="OM-90"', false);
        $this->get('/seats?q=om90')->assertSee('One model')->assertSee('data-model="OM-90"', false);
        $this->get('/seats?q=nothing+like+it')->assertSee('No model has these words');
        SeatModel::query()->insert(array_map(static fn(int $n): array => ['maker' => 'Zedwick', 'model' => sprintf('Z-%03d', $n), 'kind' => 'convertible', 'rules' => json_encode(['maker' => 'Zedwick', 'model' => "Z-{$n}"]), 'version' => 1, 'created_at' => now(), 'updated_at' => now()], range(1, 40)));
        SeatModel::forgetNames();
        $this->get('/seats?q=zedwick')->assertSee('40 models')->assertSee('1 of 2')->assertDontSee('data-model="Z-030"', false);
        $this->get('/seats?q=zedwick&page=2')->assertSee('data-model="Z-030"', false)->assertSee('no limits entered');
    }

    /** Of a large catalogue a few letters find the one, wherever a model is chosen. */
    public function testALargeCatalogueIsSearchedNotListed(): void
    {
        $rules = SeatModel::query()->where('model', 'OM-220')->sole()->rules;
        SeatModel::query()->insert(array_map(static fn(int $n): array => ['maker' => 'Zedwick', 'model' => sprintf('Z-%03d', $n), 'kind' => 'convertible', 'rules' => json_encode(['maker' => 'Zedwick', 'model' => sprintf('Z-%03d', $n)] + (array) $rules), 'version' => 1, 'created_at' => now(), 'updated_at' => now()], range(1, 200)));
        SeatModel::forgetNames();
        $check = self::check(7);
        $this->signedIn()->get("/checks/{$check->id}/seat?q=z042")->assertOk()->assertSee('data-model="Z-042"', false)->assertDontSee('data-model="Z-043"', false);
        $this->get("/checks/{$check->id}/seat")->assertSee('data-model="BH-3"', false)->assertDontSee('data-model="Z-043"', false);
        $this->get("/checks/{$check->id}/instead?q=z04")->assertOk()->assertSee('name="q"', false);
        $this->get('/calculators/modes?model=z042')->assertOk()->assertSee('Z-042')->assertDontSee('Z-043');
        $id = SeatModel::query()->where('model', 'Z-044')->sole()->id;
        $this->get("/calculators/modes?model=z042&f[own.model][answer]={$id}")->assertOk()->assertSee('Z-044');
        $this->get('/calculators/modes?model[]=x')->assertOk();
        $this->post("/checks/{$check->id}/seat", ['model' => $id])->assertRedirect();
        self::assertSame('Z-044', $check->refresh()->model);
    }

    public function testPartsOfTheModelAreTickedAtHistoryAndTheSeatIsRegisteredInOnePress(): void
    {
        $check = self::check(7);
        $model = SeatModel::query()->where('model', 'OM-90')->sole();
        $check->update(['seat_model_id' => $model->id]);
        $this->signedIn()->get("/checks/{$check->id}/left/history?note=seat.history.parts_missing")->assertOk()->assertSee('value="1 base"', false)->assertSee('value="0 canopy"', false);
        $this->post("/checks/{$check->id}/facts/history", ['id' => (string) Str::uuid7(), 'phase' => 'left', 'key' => 'seat.history.parts_missing', 'answer' => 'ticked', 'ticked' => ['1 base', '0 canopy']])->assertRedirect();
        $case = Check::query()->findOrFail($check->id)->caseOf(InspectionPhase::Left)->case;
        self::assertSame([['base', true], ['canopy', false]], array_map(static fn($part): array => [$part->name, $part->essential], $case->seat->history->partsMissing ?? []));
        $this->post("/checks/{$check->id}/facts/history", ['id' => (string) Str::uuid7(), 'phase' => 'left', 'key' => 'seat.history.parts_missing', 'answer' => 'ticked'])->assertSessionHas('problem');

        $this->post("/checks/{$check->id}/facts/label", ['id' => (string) Str::uuid7(), 'phase' => 'left', 'key' => 'seat.registered', 'answer' => 'no']);
        $this->get("/checks/{$check->id}/left/label")->assertSee('data-register', false)->assertSee('Ottermoor, 555 0131');
        $this->get("/checks/{$check->id}/found/label")->assertDontSee('data-register', false);
        $this->post("/checks/{$check->id}/facts/label", ['id' => (string) Str::uuid7(), 'phase' => 'left', 'key' => 'seat.registered', 'answer' => 'yes', 'note' => 'registered today'])->assertRedirect();
        $this->get("/checks/{$check->id}/left/label")->assertDontSee('data-register', false);
        $this->get("/checks/{$check->id}/log")->assertSee('registered today');
    }

    public function testTheDrawingGrowsWithTheForm(): void
    {
        $this->signedIn()->post('/seats/drawing', ['modes' => ['rear_harness'], 'typed' => ['modes-rear_harness-weight_max' => '40 lb']])->assertOk()->assertSee('data-mode="rear_harness"', false);
        $this->post('/seats/drawing', [])->assertOk()->assertSee('Tick a way of riding');
    }

    public function testAPastCheckKeepsTheRulesItWasMadeWith(): void
    {
        $model = SeatModel::query()->where('model', 'OM-220')->sole();
        $check = self::check(3);
        $before = $check->caseOf(InspectionPhase::Left)->case->seat?->lifeYears;
        $typed = array_combine(array_map(static fn(string $p): string => str_replace('.', '-', $p), array_keys($all = ModelText::show($model->rules))), $all);
        $this->signedIn()->post('/seats', ['kind' => $model->kind, 'before' => $model->id, 'seen' => $model->id, 'modes' => array_keys((array) $model->rules->modes), 'typed' => ['life_years' => '3'] + $typed])->assertRedirect();
        $newer = SeatModel::query()->where('model', 'OM-220')->where('version', 2)->sole();

        self::assertSame([$newer->id, 3, 7], [$model->refresh()->replaced_by, $newer->rules->life_years, $before]);
        self::assertSame($before, Check::query()->findOrFail($check->id)->caseOf(InspectionPhase::Left)->case->seat?->lifeYears);
        $this->get("/seats/{$model->id}")->assertSee('A newer version holds now');
        self::assertSame([$newer->id], SeatModel::inUse()->where('model', 'OM-220')->pluck('id')->all());
        // The same again is no new version.
        $this->post('/seats', ['kind' => $model->kind, 'before' => $newer->id, 'modes' => array_keys((array) $model->rules->modes), 'typed' => ['life_years' => '3'] + $typed]);
        self::assertSame(2, SeatModel::query()->where('model', 'OM-220')->count());
    }

    public function testFilesGoOutAndComeBack(): void
    {
        $models = SeatModel::inUse()->get();
        $json = SeatModelFile::toJson($models);
        self::assertTrue((new Validator())->validate(json_decode($json), (string) file_get_contents(base_path('docs/schema/seats.schema.json')))->isValid());
        foreach ([$json, str_replace('mint-buckle/seats', 'mint-buckle/shelf', $json), SeatModelFile::toCsv($models)] as $file) {
            $this->take($file)->assertSessionHas('status', count($models) . ' models read, 0 of them new or changed.');
        }
        $this->take("kind,maker,model,life_years\r\nconvertible,Ottermoor,OM-220,6\r\n")->assertSessionHas('status', '1 model read, 1 of them new or changed.');
        $newer = SeatModel::inUse()->where('model', 'OM-220')->sole();
        self::assertSame([6, ['rear_harness', 'forward_harness']], [$newer->rules->life_years, array_keys((array) $newer->rules->modes)], 'a line changes its columns and keeps the rest');
        $this->get('/seats/seats.csv')->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8; header=present');
    }

    public function testABrokenFileIsRefusedWhole(): void
    {
        $before = SeatModel::query()->count();
        foreach (['{"format": "mint-buckle/seats", "version": 1, "models": [{"kind": "convertible", "rules": {"maker": "A", "model": "B"}}, {"kind": "sledge", "rules": {"maker": "A", "modes": {"rear_harness": {"weight_max": "heavy"}}}}]}', "kind,maker,model,colour\nconvertible,A,B,red\n", "kind,maker,model,life_years\nconvertible,A,B,7\nconvertible,A,C,99\n", '{"format"', ''] as $file) {
            $this->take($file)->assertSessionHas('problems');
        }
        self::assertSame($before, SeatModel::query()->count());
        $this->signedIn()->post('/seats/file')->assertSessionHasErrors('models');
    }

    /** @return TestResponse<Response> */
    private function send(string $content, string $name = 'seats.json'): TestResponse
    {
        return $this->signedIn()->post('/seats/file', ['models' => UploadedFile::fake()->createWithContent($name, $content)]);
    }

    /** @param list<array<string, mixed>> $models */
    private static function file(array $models): string
    {
        return json_encode(['format' => SeatModelFile::FORMAT, 'version' => 1, 'models' => $models], JSON_THROW_ON_ERROR);
    }

    /** However large, broken or hostile a file is: it ends taken or refused with reasons, and soon. */
    public function testEveryFileEnds(): void
    {
        $before = SeatModel::query()->count();
        $problems = fn(): int => count((array) session('problems'));
        $this->send(self::file(array_fill(0, 10_000, ['kind' => '', 'rules' => (object) []])))->assertRedirect()->assertSessionHas('problems');
        self::assertLessThanOrEqual(100, $problems());
        $this->send('{"format":"mint-buckle/seats","version":1,"version":1,"models":[]}')->assertSessionHas('problems');
        $this->send('{"format":"mint-buckle/seats","version":1,"models":[{"kind":"vest","rules":{"maker":"A","maker":"B","model":"C"}}]}')->assertSessionHas('problems');
        $this->send('{"format":"mint-buckle/seats","version":1,"models":[{"kind":"vest","rules":{"maker":"A\\u0000","model":"C"}}]}')->assertSessionHas('problems');
        $this->send("PK\x03\x04" . random_bytes(4000), 'seats.zip')->assertSessionHas('problems');
        $this->send("kind,maker,model\nvest,A\0,B\n", 'seats.csv')->assertSessionHas('problems');
        $this->send("kind,maker,model,maker\nvest,A,B,C\n", 'seats.csv')->assertSessionHas('problems');
        $this->send('', 'seats.csv')->assertSessionHas('problems');
        $this->send("kind,maker,model\n" . str_repeat("sofa,A,B\n", 40_000), 'seats.csv')->assertSessionHas('problems');
        self::assertSame([100, $before], [$problems(), SeatModel::query()->count()]);

        $many = self::file(array_map(static fn(int $n): array => ['kind' => 'vest', 'rules' => ['maker' => 'Dunmarrow', 'model' => "V-{$n}"]], range(1, 3000)));
        $this->send($many)->assertSessionMissing('problems');
        self::assertSame($before + 3000, SeatModel::query()->count());
        $this->send($many)->assertSessionMissing('problems');
        self::assertSame($before + 3000, SeatModel::query()->count(), 'what is just the same changes nothing');
        $this->send(self::file([['kind' => 'vest', 'rules' => ['maker' => 'Dunmarrow', 'model' => 'V-7', 'life_years' => 9]], ['kind' => 'vest', 'rules' => ['maker' => 'Dunmarrow', 'model' => 'V-7', 'life_years' => 8]]]));
        $newer = SeatModel::query()->where('model', 'V-7')->whereNull('replaced_by')->sole();
        self::assertSame([2, 8], [$newer->version, data_get($newer->rules, 'life_years')]);
        self::assertSame($newer->id, SeatModel::query()->where('model', 'V-7')->where('version', 1)->sole()->replaced_by);
    }

    /** What a spreadsheet would take for a formula goes out as text, and comes back as it was. */
    public function testFormulasAreDefused(): void
    {
        $hostile = ['=cmd|calc', '+1', '-2+3', '@x', "'=y", "it's"];
        $this->send(self::file(array_map(static fn(string $name, int $n): array => ['kind' => 'vest', 'rules' => ['maker' => 'Dunmarrow', 'model' => "F-{$n}", 'name' => $name]], $hostile, array_keys($hostile))))->assertSessionMissing('problems');
        $csv = (string) $this->get('/seats/seats.csv')->getContent();
        self::assertSame(0, preg_match('/(^|,)"?[=+@\t]/m', $csv));
        self::assertStringContainsString("'=cmd|calc", $csv);
        $count = SeatModel::query()->count();
        $this->send($csv, 'seats.csv')->assertSessionMissing('problems');
        self::assertSame($count, SeatModel::query()->count(), 'nothing came back changed');
    }

    public function testAWalkInsSeatIsFoundOnTheShelf(): void
    {
        $check = self::check(3);
        $made = $check->caseOf(InspectionPhase::Left)->case->seat?->madeOn?->__toString();
        $this->signedIn()->get("/checks/{$check->id}/seat?q=cove")->assertOk()->assertSee('Ottermoor OM-90 Cove')->assertDontSee('Quillroe');
        $this->post("/checks/{$check->id}/seat", ['model' => SeatModel::query()->where('model', 'OM-90')->sole()->id])->assertRedirect("/checks/{$check->id}/found/label");
        $check = Check::query()->with('visit.event.recallList')->findOrFail($check->id);

        self::assertSame(['OM-90', $made], [$check->caseOf(InspectionPhase::Left)->case->seat?->model, $check->caseOf(InspectionPhase::Left)->case->seat?->madeOn?->__toString()], 'what belongs to this very seat is kept');
        self::assertSame('OM-90', $check->caseOf(InspectionPhase::Found)->case->seat?->model);
    }

    public function testWhatAManualSaidAtACarIsOfferedToTheShelf(): void
    {
        $check = self::check(3);
        $model = SeatModel::query()->where('model', 'OM-220')->sole();
        $this->signedIn()->answer($check, 'seat.movement_max', ['amount' => '20', 'unit' => 'mm', 'note' => 'manual, page 34'])->assertOk();
        $this->answer(Check::query()->findOrFail($check->id), 'seat.serial', ['answer' => 'X1', 'note' => 'label']);
        $this->get("/seats/{$model->id}")->assertOk()->assertSee('data-correction="seat.movement_max"', false)->assertSee('20 mm')->assertSee('manual, page 34')->assertDontSee('data-correction="seat.serial"', false);
        $fact = $check->facts()->where('key', 'seat.movement_max')->sole();
        $this->post("/seats/{$model->id}/corrections/{$fact->id}")->assertRedirect();

        self::assertEquals((object) ['value' => 20, 'unit' => 'mm'], SeatModel::inUse()->where('model', 'OM-220')->sole()->rules->movement_max);
        $this->post("/seats/{$model->id}/corrections/{$check->facts()->firstOrFail()->id}")->assertNotFound();
    }

    /** @return TestResponse<Response> */
    private function take(string $content): TestResponse
    {
        return $this->signedIn()->post('/seats/file', ['models' => UploadedFile::fake()->createWithContent('seats.json', $content)])->assertRedirect();
    }
}
