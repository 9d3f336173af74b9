<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bookings\EventSlots;
use App\Bookings\FamilyLink;
use App\Models\BookedFamily;
use App\Models\Booking;
use App\Models\CheckupEvent;
use App\Models\OutgoingMail;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

/** Families book a time while there is room, are reminded in their language, and say beforehand who comes in what. */
final class BookingsTest extends FeatureTestCase
{
    private static function tomorrow(): CheckupEvent
    {
        return CheckupEvent::query()->where('name', 'Harvest market, last day')->firstOrFail();
    }

    private static function booking(string $name): Booking
    {
        return Booking::query()->with(['family', 'event'])->get()->firstOrFail(static fn(Booking $one): bool => $one->family?->first_name === $name);
    }

    /**
     * @param array<string, mixed> $with
     * @return TestResponse<Response>
     */
    private function book(string $time, string $seats = '1', array $with = []): TestResponse
    {
        return $this->signedIn()->post('/events/' . self::tomorrow()->id . '/bookings', $with + ['id' => Str::uuid7()->toString(), 'time' => $time, 'first_name' => 'Tressa', 'seats' => $seats, 'language' => 'en']);
    }

    private static function free(string $time): ?int
    {
        return (EventSlots::of(self::tomorrow()->load('crew')) ?? self::fail('no slots'))->free()[$time] ?? null;
    }

    public function testTheDayIsShownByTimes(): void
    {
        $this->signedIn()->get('/events/' . self::tomorrow()->id . '/bookings')->assertOk()->assertSee('data-time="09:00" data-free="0"', false)->assertSee('data-time="14:30"', false)->assertDontSee('data-time="15:00"', false)
            ->assertSee('Lowenna')->assertSee('lowenna, school gate')->assertSee('3 seats');
        $this->get('/events/' . self::tomorrow()->id . '/bookings/list')->assertOk()->assertSee('Petrok')->assertSee('13:00');
        $this->get('/events')->assertSee('/bookings', false);
        $plain = json_encode(DB::table('booked_families')->get(), JSON_THROW_ON_ERROR);
        self::assertStringNotContainsString('owenna', $plain);
    }

    /** Four technicians, 30 % kept for walk-ins: two families a slot; several seats take as many slots on end. */
    public function testATimeIsBookedWhileThereIsRoom(): void
    {
        self::assertSame([0, 0, 1, 1, 2, null], [self::free('09:00'), self::free('09:30'), self::free('10:00'), self::free('10:30'), self::free('14:30'), self::free('15:00')]);
        $id = Str::uuid7()->toString();
        $this->book('14:30', '1', ['id' => $id])->assertSessionHas('status');
        $this->book('14:30', '1', ['id' => $id])->assertSessionHas('status');
        self::assertSame(1, self::free('14:30'), 'sent twice, booked once');
        $this->book('14:30', '2')->assertSessionHasErrors('time');
        $this->book('14:30')->assertSessionHasNoErrors();
        $this->book('14:30')->assertSessionHasErrors(['time' => '14:30 has no room left for so many seats.']);
        $this->book('14:45')->assertSessionHasErrors(['time' => '14:45 is no time that can be booked.']);
        $this->book('x')->assertSessionHasErrors('time');
        $this->book('11:00', '7')->assertSessionHasErrors('seats');
        $this->post('/bookings/' . self::booking('Nessa')->id . '/cancel')->assertRedirect();
        self::assertSame(1, self::free('09:00'));
        $event = self::tomorrow();
        $event->update(['opens_at' => null, 'closes_at' => null]);
        $this->book('11:00')->assertSessionHasErrors(['time' => 'The event’s opening hours are not said yet.']);
        $this->get("/events/{$event->id}/bookings")->assertOk()->assertSee('Say in the plan');
    }

    public function testFamiliesAreRemindedOnceInTheirLanguage(): void
    {
        $event = self::tomorrow();
        $this->signedIn()->post("/events/{$event->id}/bookings/remind")->assertSessionHas('status', '3 families were told.');
        $this->post("/events/{$event->id}/bookings/remind")->assertSessionHas('status', 'Nobody was told.');
        $mails = OutgoingMail::query()->get();
        self::assertSame(['lowenna, school gate', 'nessa, the yellow house', 'xoan at the smokehouse'], $mails->pluck('to')->sort()->values()->all());
        $spanish = $mails->firstOrFail(static fn(OutgoingMail $mail): bool => str_starts_with($mail->to, 'xoan'));
        self::assertStringContainsString('Hola, Xoan:', $spanish->text);
        self::assertStringContainsString('a las 09:30', $spanish->text);
        $this->get('/stand-ins/mail')->assertOk()->assertSee('Hola, Xoan:')->assertSee('No mail leaves this machine');
        self::assertStringNotContainsString('Xoan', json_encode(DB::table('outgoing_mails')->get(), JSON_THROW_ON_ERROR));
        self::assertSame(1, preg_match('~/family/[\w-]{32}~', $spanish->text, $link));
        auth()->forgetGuards();
        $this->flushSession();
        $this->get($link[0] ?? '')->assertOk()->assertSee('Hola, Xoan')->assertSee('lang="es"', false);
    }

    public function testAFamilySaysBeforehandWhoComesInWhat(): void
    {
        $booking = self::booking('Lowenna');
        $page = (string) $this->signedIn()->post("/bookings/{$booking->id}/link")->assertOk()->assertSee('data-qr', false)->getContent();
        self::assertSame(1, preg_match('~data-qr="[^"]*(/family/[\w-]+)"~', $page, $link));
        $address = $link[1] ?? '';
        auth()->forgetGuards();
        $this->flushSession();
        $this->get($address)->assertOk()->assertSee('Hello Lowenna')->assertSee('Child 3')->assertDontSee('Child 4');
        $said = ['units' => 'imperial', 'vehicle' => 'Halven Sound', 'model_year' => '2018', 'children' => [['born_on' => '2024-05-01', 'weight' => '30', 'height' => '', 'maker' => 'Ottermoor', 'model' => 'OM-220', 'made_on' => '2024-03'], ['weight' => '40'], []]];
        $this->post($address, $said)->assertRedirect($address);
        $this->get($address)->assertSee('Thank you')->assertSee('value="Halven Sound"', false)->assertSee('value="OM-220"', false);
        $this->post($address, ['children' => 'x'] + $said)->assertSessionHasErrors('children');
        $this->post($address, ['model_year' => '1800'] + $said)->assertSessionHasErrors('model_year');

        // The arrival form begins with it; the booking is done with when the family has its ticket.
        $this->signedIn()->get('/events/' . self::tomorrow()->id . '/bookings')->assertSee('has said who comes in what');
        $this->post("/bookings/{$booking->id}/arrive")->assertRedirect('/arrive');
        $this->get('/arrive')->assertOk()->assertSee('value="Lowenna"', false)->assertSee('value="Halven Sound"', false)->assertSee('value="2024-05-01"', false)->assertSee($booking->id)->assertSee('name="children[2][weight]"', false);
        $this->post('/visits', ['booking' => $booking->id] + ArrivalTest::form())->assertSessionHasNoErrors();
        self::assertNotNull($booking->refresh()->visit_id);
        self::assertNull(BookedFamily::query()->find($booking->id), 'what was said beforehand is gone');
        $this->get($address)->assertOk()->assertSee('This link no longer holds')->assertDontSee('Lowenna');
        $this->post("/bookings/{$booking->id}/arrive")->assertRedirect('/events/' . self::tomorrow()->id . '/bookings');
    }

    public function testALinkEndsByTimeByANewerOneAndByCancelling(): void
    {
        $link = resolve(FamilyLink::class);
        $booking = self::booking('Nessa');
        $path = static fn(string $address): string => (string) parse_url($address, PHP_URL_PATH);
        $first = $path($link($booking));
        $second = $path($link($booking));
        $this->get($first)->assertSee('no longer holds');
        $this->get($second)->assertSee('Hello Nessa');
        $this->get('/family/' . strrev(basename($second)))->assertSee('no longer holds');
        $this->post($first, ['units' => 'metric', 'vehicle' => 'x'])->assertRedirect($first);
        self::assertNull($booking->family?->refresh()->arrival);
        self::assertSame(0, Booking::query()->where('token', basename($second))->count(), 'the link itself is kept nowhere');
        $this->travelTo($booking->starts_at->addHours(4));
        $this->get($second)->assertSee('no longer holds');
        $this->travelBack();
        $this->signedIn()->post("/bookings/{$booking->id}/cancel");
        auth()->forgetGuards();
        $this->get($second)->assertSee('no longer holds');
    }

    private function upload(string $csv): string
    {
        Storage::fake();
        $to = $this->signedIn()->post('/events/' . self::tomorrow()->id . '/bookings/file', ['file' => UploadedFile::fake()->createWithContent('r.csv', $csv)])->assertRedirect()->headers->get('Location');

        return (string) parse_url((string) $to, PHP_URL_PATH);
    }

    public function testAFileIsMappedAndTakenWhole(): void
    {
        $address = $this->upload("Nombre,Hora,Correo,Idioma,Asientos,Other\r\nJago,11:00,\"jago, mill\",Español,2,x\r\n\r\nKerra,9:99,,en,1,\r\nMeriasek,12:00,,,,\r\n");
        $page = (string) $this->get($address)->assertOk()->getContent();
        self::assertSame(1, preg_match('~name="columns\[time\]">.*?<option value="1"\s+selected>Hora~s', $page));
        $columns = ['columns' => ['time' => '1', 'first_name' => '0', 'contact' => '2', 'seats' => '4', 'language' => '3']];
        $this->put($address, $columns)->assertRedirect($address);
        $this->get($address)->assertSee('Nothing was taken')->assertSee('Line 4: Choose a time');
        self::assertSame(5, Booking::query()->count());
        $address = $this->upload("Nombre,Hora,Correo,Idioma,Asientos\r\nJago,11:00,\"jago, mill\",Español,2\r\nMeriasek,12:00,,,\r\n");
        $this->put($address, ['columns' => ['time' => '1']])->assertSessionHasErrors('columns.first_name');
        $this->put($address, $columns)->assertRedirect('/events/' . self::tomorrow()->id . '/bookings')->assertSessionHas('status', '2 registrations were taken.');
        self::assertSame(['11:00', 2, 'es', 'jago, mill'], [self::booking('Jago')->time(), self::booking('Jago')->seats, self::booking('Jago')->language, self::booking('Jago')->family?->contact]);
        $this->get($address)->assertNotFound();
        Storage::assertDirectoryEmpty('bookings/' . self::tomorrow()->id);
        $this->get(str_replace('/events/' . self::tomorrow()->id, '/events/1', $this->upload("name,time\nA,11:00\n")))->assertNotFound();
    }

    /** Names of families do not lie about: what nobody took goes with the next file a day later. */
    public function testAFileThatNobodyTookGoes(): void
    {
        $left = 'bookings/' . self::tomorrow()->id . '/' . basename($this->upload("name,time\nA,11:00\n")) . '.csv';
        Storage::assertExists($left);
        touch(Storage::path($left), time() - 90_000);
        $this->post('/events/' . self::tomorrow()->id . '/bookings/file', ['file' => UploadedFile::fake()->createWithContent('r.csv', "name,time\nB,11:00\n")])->assertRedirect();
        Storage::assertMissing($left);
        Storage::assertCount('bookings/' . self::tomorrow()->id, 1);
    }

    /** @return iterable<string, array{string, string}> */
    public static function hostile(): iterable
    {
        yield 'no text' => ["name,time\n\xC3\x28,11:00\n", 'no readable text'];
        yield 'nobody' => ["name,time\n,11:00\n", 'first name'];
        yield 'a crowd for one slot' => ["name,time\nA,11:00\nB,11:00\nC,11:00\n", 'Line 4: 11:00 has no room'];
        yield 'too many lines' => ["name,time\n" . str_repeat("A,25:00\n", 2100), 'Line 2: Choose a time'];
    }

    #[DataProvider('hostile')]
    public function testWhatIsWrongIsSaidByLine(string $csv, string $says): void
    {
        $address = $this->upload($csv);
        $this->put($address, ['columns' => ['time' => '1', 'first_name' => '0']])->assertRedirect($address);
        $this->get($address)->assertSee($says);
        self::assertSame(5, Booking::query()->count());
    }

    public function testOnlyItsOwnBrowserIsNotNeededButItsLinkIs(): void
    {
        foreach (['/family/short', '/family/' . str_repeat('a', 90)] as $address) {
            $this->get($address)->assertNotFound();
        }
        $this->get('/family/' . str_repeat('a', 32))->assertOk()->assertSee('no longer holds');
        $this->post('/family/' . str_repeat('a', 32), ['units' => 'metric'])->assertRedirect();
    }
}
