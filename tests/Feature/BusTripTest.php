<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BusLayout;
use App\Models\BusTrip;
use App\Models\BusTripMark;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use MintBuckle\Core\Bus\Trip\TripItem;

/** The list before a bus sets off: begun from a plan, pressed line by line, signed, looked up again. */
final class BusTripTest extends FeatureTestCase
{
    private function trip(?string $submission = null): BusTrip
    {
        $this->signedIn();
        $large = BusLayout::query()->orderByDesc('id')->firstOrFail();
        $at = $this->post('/bus/trips', ['submission' => $submission ?? (string) Str::uuid(), 'shown' => $large->id, 'bus' => $large->id, 'roster' => $large->roster, 'plan' => '0'])->assertRedirect()->headers->get('Location');

        return BusTrip::query()->findOrFail(basename((string) $at));
    }

    /**
     * @param list<string> $items
     * @param array<string, mixed> $with
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function mark(BusTrip $trip, array $items, string $outcome = 'right', array $with = []): TestResponse
    {
        return $this->post("/bus/trips/{$trip->id}/marks", $with + ['id' => (string) Str::uuid(), 'items' => $items, 'outcome' => $outcome, 'initials' => 'fb']);
    }

    /** @return list<string> */
    private static function keys(BusTrip $trip): array
    {
        return array_map(static fn(TripItem $item): string => $item->key, $trip->record()->items);
    }

    private static function wrap(BusTrip $trip): string
    {
        return array_values(array_filter(self::keys($trip), static fn(string $key): bool => str_starts_with($key, 'wrap/')))[0];
    }

    public function testAListIsPressedThroughAndSigned(): void
    {
        $trip = $this->trip();
        $this->get("/bus/trips/{$trip->id}")->assertOk()->assertSee('Whose initials')->assertDontSee('name="outcome"', false)->assertSee('the wrap', false)->assertSee('0 of ' . count(self::keys($trip)));
        $this->post("/bus/trips/{$trip->id}/initials", ['id' => (string) Str::uuid(), 'initials' => 'f1'])->assertSessionHasErrors('initials');
        $this->post("/bus/trips/{$trip->id}/initials", ['id' => (string) Str::uuid(), 'initials' => 'fb'])->assertRedirect();
        $wrap = self::wrap($trip);
        $this->get("/bus/trips/{$trip->id}")->assertSee('as FB')->assertSee('The wrap is loose')->assertDontSee('Sign as FB');

        $this->post("/bus/trips/{$trip->id}/signature", ['id' => (string) Str::uuid(), 'initials' => 'fb'])->assertRedirect()->assertSessionHas('problem');
        $this->mark($trip, [$wrap], 'put_right', ['found' => 'bus.wrap_loose', 'note' => 'pulled again'])->assertSessionMissing('problem');
        $this->get("/bus/trips/{$trip->id}")->assertSee('The wrap is loose (pulled again): put right, FB');
        $this->mark($trip, array_values(array_diff(self::keys($trip), [$wrap])))->assertSessionMissing('problem');
        $this->get("/bus/trips/{$trip->id}")->assertSee('Sign as FB');
        $this->post("/bus/trips/{$trip->id}/signature", ['id' => (string) Str::uuid(), 'initials' => 'fb'])->assertSessionMissing('problem');
        $this->get("/bus/trips/{$trip->id}")->assertSee('Signed FB at')->assertSee('The list for the next trip')->assertDontSee('name="outcome"', false);
        $this->mark($trip, [$wrap])->assertSessionHas('problem');

        $this->get('/bus/trips')->assertOk()->assertSee('Signed FB at')->assertSee('The wrap is loose (pulled again)');
        $next = (string) Str::uuid();
        $this->post("/bus/trips/{$trip->id}/again", ['id' => $next])->assertRedirect("/bus/trips/{$next}");
        $again = BusTrip::query()->findOrFail($next);
        self::assertSame([self::keys($trip), count(self::keys($trip))], [self::keys($again), count($again->record()->open())], 'every trip is looked at anew');
        $this->mark($again, [$wrap], 'left_out', ['found' => 'bus.wrap_loose']);
        $this->get("/bus/trips?bus={$trip->bus_layout_id}")->assertSee('What comes back')->assertSee('The wrap is loose, on 2 trips');
        $this->get("/bus/trips/{$next}")->assertSee('What is left out is not used on this trip');
    }

    public function testWhatCannotBeIsSaidAndKeepsNothing(): void
    {
        $trip = $this->trip();
        $wrap = self::wrap($trip);
        $this->mark($trip, ['wrap/99/left'])->assertSessionHas('problem');
        $this->mark($trip, [])->assertSessionHas('problem');
        $this->mark($trip, [$wrap], 'put_right')->assertSessionHas('problem');
        $this->mark($trip, [$wrap], 'put_right', ['found' => 'harness.clip'])->assertSessionHas('problem');
        $this->mark($trip, [$wrap], 'perhaps')->assertSessionHasErrors('outcome');
        $this->mark($trip, [$wrap], 'right', ['initials' => 'a-b'])->assertSessionHasErrors('initials');
        $this->mark($trip, [$wrap], 'right', ['id' => 'x'])->assertSessionHasErrors('id');
        self::assertSame(0, BusTripMark::query()->where('bus_trip_id', $trip->id)->count());
        $this->mark($trip, ['way'], 'left_out', ['note' => 'a crate in the aisle'])->assertSessionMissing('problem');
        $this->mark($trip, array_values(array_diff(self::keys($trip), ['way'])));
        $this->post("/bus/trips/{$trip->id}/signature", ['id' => (string) Str::uuid(), 'initials' => 'fb'])->assertSessionHas('problem');
        $this->get('/bus/trips/no-id')->assertNotFound();
        $this->get('/bus/trips/' . Str::uuid())->assertNotFound();
    }

    public function testOneSentTwiceIsKeptOnce(): void
    {
        $id = (string) Str::uuid();
        $trip = $this->trip($id);
        self::assertSame($trip->id, $this->trip($id)->id);
        self::assertSame(1, BusTrip::query()->whereKey($id)->count());
        $press = (string) Str::uuid();
        $this->mark($trip, ['way'], with: ['id' => $press]);
        $this->mark($trip, ['way'], with: ['id' => $press]);
        self::assertSame(1, BusTripMark::query()->where('bus_trip_id', $trip->id)->count());
    }

    public function testByHtmxOnlyTheListComesBack(): void
    {
        $trip = $this->trip();
        $this->withHeaders(['HX-Request' => 'true']);
        $this->mark($trip, ['way'])->assertOk()->assertSee('id="trip"', false)->assertDontSee('<html', false);
        $this->mark($trip, ['wrap/99/left'])->assertStatus(422)->assertSee('That line is not of this list');
    }

    public function testWithoutAPlanThereIsNoList(): void
    {
        $this->signedIn();
        $small = BusLayout::query()->orderBy('id')->firstOrFail();
        $this->post('/bus/trips', ['shown' => $small->id, 'bus' => $small->id, 'roster' => "who\nA\n"])->assertRedirect('/bus/plan');
        $this->post('/bus/trips', ['submission' => 'x', 'shown' => $small->id, 'bus' => $small->id, 'roster' => $small->roster])->assertSessionHasErrors('submission');
        BusTrip::query()->delete();
        $this->get('/bus/trips')->assertOk()->assertSee('No trip has been looked at yet');
    }
}
