<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalogue\PublishSeatModel;
use App\Checks\Judge;
use App\Checks\Projection;
use App\Models\Check;
use App\Models\CheckupEvent;
use App\Models\SeatModel;
use Illuminate\Support\Facades\DB;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is kept of a check for the lists is what its facts say, after every way in which facts are recorded. */
final class ProjectionTest extends FeatureTestCase
{
    public function testTheDemoIsKeptAsItsFactsSay(): void
    {
        $checks = Check::query()->with('visit.event.recallList')->get();
        self::assertCount(28, $checks);
        $checks->each(self::assertKept(...));
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function entries(): iterable
    {
        yield 'the maker is corrected' => ['seat.maker', ['answer' => 'Pellwick']];
        yield 'the make date is read' => ['seat.made_on', ['answer' => '2024-02']];
        yield 'the serial number is read' => ['seat.serial', ['answer' => 'A 12']];
        yield 'the label cannot be read' => ['seat.label_readable', ['answer' => 'no']];
        yield 'something is damaged' => ['seat.history.damage', ['answer' => 'add', 'name' => 'crack']];
        yield 'a figure is no longer known' => ['seat.made_on', ['answer' => 'unknown']];
    }

    /** @param array<string, mixed> $posted */
    #[DataProvider('entries')]
    public function testAnEntryIsKeptAtOnce(string $key, array $posted): void
    {
        $check = self::check(3);
        foreach (InspectionPhase::cases() as $phase) {
            $this->signedIn()->answer($check, $key, $posted, $phase)->assertOk();
            self::assertKept(Check::query()->findOrFail($check->id));
        }
    }

    public function testAnArrivalIsKept(): void
    {
        $this->signedIn()->post('/visits', ArrivalTest::form());
        self::assertKept(Check::query()->orderByDesc('created_at')->firstOrFail());
    }

    public function testWhatAnotherEditionJudgedIsJudgedAnewBeforeItIsShown(): void
    {
        DB::statement("UPDATE checks SET verdict = 'good_to_ride', judged_by = '2020.1'");
        $this->signedIn()->get('/')->assertOk();
        CheckupEvent::current()->checks()->with('visit.event.recallList')->get()->each(self::assertKept(...));
    }

    public function testANewListOrANewNameLeavesNoOldVerdict(): void
    {
        Projection::forget(CheckupEvent::current());
        self::assertSame(0, Check::query()->whereNull('signed_at')->whereNotNull('verdict')->count());
        self::assertGreaterThan(0, Check::query()->whereNotNull('signed_at')->whereNotNull('verdict')->count(), 'what was signed stays');

        $this->signedIn()->get('/')->assertOk();
        $model = SeatModel::query()->firstOrFail();
        PublishSeatModel::put((object) ['model' => 'NEW-1', ...get_object_vars($model->rules)], $model->kind, null);
        PublishSeatModel::put((object) (['model' => 'NEW-1'] + get_object_vars($model->rules)), $model->kind, null);
        self::assertSame(0, Check::query()->where('verdict', Verdict::NotFinished)->count());
        self::assertGreaterThan(0, Check::query()->where('verdict', Verdict::FixFirst)->count());
    }

    private static function assertKept(Check $check): void
    {
        $check->loadMissing('visit.event.recallList');
        $seat = $check->caseOf(InspectionPhase::Left)->case->seat;
        self::assertSame(
            [$seat?->maker, $seat?->model, $seat?->serial, $seat?->madeOn?->__toString(), $check->caseOf(InspectionPhase::Left)->case->setup?->position, app(Judge::class)->check($check, InspectionPhase::Left)->verdict, Rulebook::VERSION, $check->isBegun(InspectionPhase::Left)],
            [$check->maker, $check->model, $check->serial, $check->made_on, $check->place, $check->verdict, $check->judged_by, $check->is_left_begun],
        );
    }
}
