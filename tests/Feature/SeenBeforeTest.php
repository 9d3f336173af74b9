<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Findings\RollUp;
use App\Models\Check;
use App\Models\SeatModel;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** What earlier checks teach stands where it helps: as a seat of that model arrives, at its label, and where it will not hold. */
final class SeenBeforeTest extends FeatureTestCase
{
    /** @return TestResponse<Response> */
    private function arriving(string $model): TestResponse
    {
        $id = SeatModel::query()->where('model', $model)->whereNull('replaced_by')->firstOrFail()->id;

        return $this->signedIn()->post('/arrive/remarks', ['units' => 'imperial', 'children' => [['seat' => (string) $id]]], ['HX-Request' => 'true'])->assertOk();
    }

    public function testAsASeatOfThatModelArrives(): void
    {
        $this->arriving('OM-220')->assertSeeInOrder(['data-seen="model"', 'Ottermoor OM-220 Haven, at earlier checks here', '3 of 3 came with an error.', 'Most often: ', 'Straps at the wrong height (3)', 'It moves too much (3)'], false);
        User::query()->where('login', 'wren')->update(['language' => 'es']);
        $this->arriving('OM-220')->assertSee('3 de 3 llegaron con algún error')->assertSee('Lo más frecuente');
    }

    /** Another model of its kind tells of the kind; what was met once or twice tells nothing. */
    public function testWhereAModelWasHardlyMetItsKindTeaches(): void
    {
        $convertible = SeatModel::query()->where('kind', 'convertible')->where('model', '!=', 'OM-220')->firstOrFail();
        $this->arriving($convertible->model)->assertSee('data-seen="kind"', false)->assertSee('Seats of this kind (convertible), at earlier checks here')->assertSee('3 of 3');
        $booster = SeatModel::query()->where('kind', 'high-back booster')->firstOrFail();
        $this->arriving($booster->model)->assertDontSee('data-seen', false);
        $this->signedIn()->post('/arrive/remarks', ['units' => 'imperial', 'children' => [['seat' => 'none']]])->assertOk()->assertDontSee('data-seen', false);
    }

    public function testAtTheLabelOfALaterCheck(): void
    {
        $check = self::check(3);
        $this->signedIn()->get("/checks/{$check->id}/found/label")->assertOk()->assertSee('data-seen="model"', false)->assertSee('3 of 3 came with an error.');
        $this->get("/checks/{$check->id}/left/label")->assertDontSee('data-seen', false);
        $signed = Check::query()->whereNotNull('signed_at')->where('model', 'OM-220')->firstOrFail();
        $this->get("/checks/{$signed->id}/found/label")->assertDontSee('data-seen', false);
    }

    /** A new version of the catalogue's entry is the same seat. */
    public function testANewVersionOfAModelIsTheSameSeat(): void
    {
        $old = SeatModel::query()->where('model', 'OM-220')->firstOrFail();
        $new = $old->replicate(['organisation_id'])->fill(['version' => 2]);
        $new->save();
        $old->update(['replaced_by' => $new->id]);
        $this->arriving('OM-220')->assertSee('data-seen="model"', false)->assertSee('3 of 3');
    }

    public function testWhereItWillNotHoldWithWhatWorked(): void
    {
        $check = self::check(3);
        $loose = fn(): TestResponse => $this->signedIn()->answer($check, 'setup.movement.side_felt', ['answer' => 'more', 'with' => 'setup.movement.side unknown', 'with_id' => Str::uuid7()->toString()])->assertOk();
        $loose()->assertSee('3 of 3 such seats were loose; 3 of these held before they left.')->assertDontSee('What was tried last');
        $model = SeatModel::query()->where('model', 'OM-220')->firstOrFail();
        DB::table('roll_ups')->insert(array_map(static fn(array $row): array => ['scope' => "model:{$model->id}", 'kind' => '', 'measure' => $row[0], 'of' => $row[1], 'n' => $row[2]], [['tried', 'rock_it', 3], ['worked', 'rock_it', 2], ['tried', 'other_lock.clip', 1], ['worked', 'other_lock.clip', 1], ['worked', 'nonsense', 1]]));
        $loose()->assertSeeInOrder(['What was tried last before it held:', 'Rock the seat from side to side', '2 of 3 tries', 'Lock the belt in another way', '1 of 1 try'], false);
        RollUp::rebuild();
        $loose()->assertDontSee('What was tried last');
    }
}
