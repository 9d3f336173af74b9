<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Checks\AssembleCase;
use App\Models\Check;
use App\Models\Fact;
use App\Models\SeatModel;
use App\Models\VehicleLayout;
use App\Models\Visit;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use MintBuckle\Core\Record\InspectionPhase;
use Symfony\Component\HttpFoundation\Response;

/** A seat that the catalogue does not know: a phone's worth of fields from its label and its manual, the rest when it is needed. */
final class ManualTest extends FeatureTestCase
{
    private const SAID = [
        'seat.model' => ['answer' => 'S-7'],
        'seat.standards' => ['answers' => ['fmvss213']],
        'seat.use_until' => ['answer' => 'DEC 2031'],
        'seat.life_years' => ['answer' => '8'],
        'seat.modes.rear_harness.weight_min' => ['amount' => '5', 'unit' => 'lb'],
        'seat.modes.rear_harness.weight_max' => ['amount' => '40 lb', 'unit' => 'lb'],
        'seat.modes.rear_harness.height_max' => ['amount' => '3 ft 4', 'unit' => 'in'],
        'seat.tether_rear' => ['answer' => 'allowed'],
        'seat.slots' => ['lines' => "8\n10\n12", 'unit' => 'in'],
    ];

    public function testTenFieldsAtMostAndOnlyWhatIsNeeded(): void
    {
        $check = $this->unknownSeat();
        $html = (string) $this->get("/checks/{$check->id}/manual")->assertOk()->getContent();

        self::assertLessThanOrEqual(10, substr_count($html, 'class="calculator-field"'));
        foreach (array_keys(self::SAID) as $path) {
            self::assertStringContainsString("name=\"ids[{$path}]\"", $html, $path);
        }
        self::assertStringNotContainsString('seat.history', $html, 'what is seen is asked at the seat');
        $this->get("/checks/{$check->id}/found/label")->assertSee("/checks/{$check->id}/manual", false);
    }

    public function testEachRuleIsAFactOfItsOwnAndTheSameSentTwiceIsKeptOnce(): void
    {
        $check = $this->unknownSeat();
        $ids = array_map(static fn(): string => Str::uuid7()->toString(), self::SAID);
        $this->send($check, self::SAID, $ids)->assertRedirect("/checks/{$check->id}/found/label");
        $this->send($check, self::SAID, $ids)->assertRedirect("/checks/{$check->id}/found/label");
        $seat = AssembleCase::read(Check::query()->with('visit.event.recallList')->findOrFail($check->id), InspectionPhase::Found)->seat;

        self::assertSame(['S-7', '2031-12', 8, 3], [$seat?->model, (string) $seat?->useUntil, $seat?->lifeYears, count($seat->slots ?? [])]);
        self::assertSame(['40 lb', '40 in'], [($seat->modes['rear_harness'] ?? null)?->weightMax?->entries[0]->value->show(), ($seat->modes['rear_harness'] ?? null)?->heightMax?->entries[0]->value->show()]);
        self::assertSame(count(self::SAID), Fact::query()->where('check_id', $check->id)->whereIn('key', array_keys(self::SAID))->count());
        $this->get("/checks/{$check->id}/manual")->assertDontSee('ids[seat.model]', false);
    }

    public function testOneThatCannotBeReadKeepsNothingAndLosesNothing(): void
    {
        $check = $this->unknownSeat();
        $said = ['seat.life_years' => ['answer' => 'eight'], 'seat.use_until' => ['answer' => '3/4/31']] + self::SAID;
        $ids = array_map(static fn(): string => Str::uuid7()->toString(), $said);
        $this->send($check, $said, $ids)->assertRedirect("/checks/{$check->id}/manual");
        $this->get("/checks/{$check->id}/manual")->assertOk()->assertSee('value="eight"', false)->assertSee('value="40 lb"', false)->assertSee('2 things need another look below');

        self::assertSame(0, Fact::query()->where('check_id', $check->id)->whereIn('key', array_keys(self::SAID))->count());
        $this->send($check, ['seat.modes.rear_harness.weight_max' => ['amount' => '900', 'unit' => 'lb']], $ids)->assertRedirect("/checks/{$check->id}/manual");
        $this->send($check, ['child.weight' => ['amount' => '9', 'unit' => 'lb']], ['child.weight' => Str::uuid7()->toString()])->assertRedirect("/checks/{$check->id}/manual");
        self::assertSame(0, Fact::query()->where('check_id', $check->id)->where('key', 'seat.modes.rear_harness.weight_max')->count());
    }

    /** Afterwards, at the desk, it is offered to the catalogue; what belongs to this one seat stays with it. */
    public function testOfferedToTheCatalogue(): void
    {
        $check = $this->unknownSeat();
        $this->send($check, self::SAID, array_map(static fn(): string => Str::uuid7()->toString(), self::SAID));
        $this->get("/checks/{$check->id}/manual")->assertSee('Offer this seat to the catalogue');
        $form = (string) $this->get("/seats/new?check={$check->id}")->assertOk()->getContent();

        foreach (['Selwick', 'S-7', '40', '8 in, 10 in, 12 in'] as $text) {
            self::assertStringContainsString("value=\"{$text}\"", $form);
        }
        self::assertStringNotContainsString('2031-12', $form);
        self::assertSame(0, SeatModel::query()->where('maker', 'Selwick')->count(), 'nothing is published by looking');
        $this->get('/seats/new?check=nonsense')->assertOk();
    }

    private function unknownSeat(): Check
    {
        $this->signedIn()->post('/visits', [
            'submission' => Str::uuid7()->toString(), 'units' => 'imperial', 'first_name' => 'Talan', 'consent' => '1', 'vehicle' => '',
            'layout' => VehicleLayout::query()->where('name', 'Halven Sound 2018, five seats')->sole()->id,
            'children' => [['seat' => 'other', 'maker' => 'Selwick', 'model' => '', 'made_on' => '2023-03', 'born_on' => now()->subMonths(14)->toDateString(), 'weight' => '21', 'height' => '29.5', 'mode' => 'rear_harness', 'position' => '2L']],
        ])->assertRedirect('/');

        return Visit::query()->orderByDesc('ticket')->firstOrFail()->checks()->firstOrFail();
    }

    /**
     * @param array<string, array<string, mixed>> $said by path
     * @param array<string, string> $ids by path
     * @return TestResponse<Response>
     */
    private function send(Check $check, array $said, array $ids): TestResponse
    {
        return $this->post("/checks/{$check->id}/manual", ['f' => $said, 'ids' => $ids]);
    }
}
