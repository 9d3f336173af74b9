<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Check;
use App\Models\Family;
use App\Models\Photo;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

/** Pictures of label and damage: private, encrypted, without the place where they were taken, gone with the family's data. */
final class PhotosTest extends FeatureTestCase
{
    private const PIXEL = '/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP//////////////////////////////////////////////////////////////////////////////////////wgALCAABAAEBAREA/8QAFBABAAAAAAAAAAAAAAAAAAAAAP/aAAgBAQABPxA=';

    public function testKeptEncryptedAndShownBesideItsFact(): void
    {
        $check = self::check(5);
        $id = $this->keptPhoto($check);
        $stored = DB::table('photos')->where('id', $id)->value('image');

        self::assertIsString($stored);
        self::assertStringNotContainsString('JFIF', $stored);
        $this->get("/checks/{$check->id}/found/label")->assertSee("data-photo=\"{$id}\"", false);
        $this->get("/checks/{$check->id}/found/history")->assertDontSee("data-photo=\"{$id}\"", false);
        $shown = $this->get("/photos/{$id}")->assertOk()->assertHeader('Content-Type', 'image/jpeg')->assertHeader('Cache-Control', 'no-store, private');
        self::assertSame(self::pixel(), $shown->getContent());
        $this->post('/sign-out');
        $this->get("/photos/{$id}")->assertRedirect('/sign-in');
    }

    public function testWhereItWasTakenIsLeftOut(): void
    {
        $place = "Exif\0\0GPS 59.1 N 3.2 W";
        $withPlace = substr(self::pixel(), 0, 2) . "\xFF\xE1" . pack('n', strlen($place) + 2) . $place . "\xFF\xFE" . pack('n', 9) . 'comment' . substr(self::pixel(), 2);
        $id = $this->keptPhoto(self::check(5), $withPlace);

        self::assertSame(self::pixel(), Photo::query()->findOrFail($id)->image);
    }

    public function testSentTwiceKeptOnceAndTakenAway(): void
    {
        $check = self::check(5);
        $id = $this->keptPhoto($check);
        $this->send($check, self::pixel(), $id)->assertOk();
        self::assertSame(1, Photo::query()->count());

        $this->delete("/photos/{$id}", ['phase' => 'found', 'station' => 'label'], ['HX-Request' => 'true'])->assertOk()->assertDontSee("data-photo=\"{$id}\"", false);
        self::assertSame(0, Photo::query()->count());
        $this->get("/photos/{$id}")->assertNotFound();
        $this->get('/photos/nonsense')->assertNotFound();
    }

    public function testGoneWithTheFamilysData(): void
    {
        $check = self::check(5);
        $this->keptPhoto($check);
        Family::query()->findOrFail($check->visit_id)->delete();

        self::assertSame(0, Photo::query()->count());
        $this->send($check, self::pixel())->assertStatus(422)->assertSee('data are deleted');
    }

    /** @return iterable<string, array{string}> */
    public static function noPictures(): iterable
    {
        yield 'words' => ['this is no picture'];
        yield 'another kind' => [(string) base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAQAAAC1HAwCAAAAC0lEQVR42mNk+A8AAQUBAScY42YAAAAASUVORK5CYII=', true)];
        yield 'broken off' => [substr(self::pixel(), 0, 30)];
        yield 'a script that begins like one' => ["\xFF\xD8<script>alert(1)</script>"];
        yield 'nothing after its head' => ["\xFF\xD8"];
    }

    #[DataProvider('noPictures')]
    public function testWhatIsNoPictureIsRefused(string $bytes): void
    {
        $this->signedIn()->send(self::check(5), $bytes)->assertStatus(422)->assertSee('This is no picture that can be kept');
        self::assertSame(0, Photo::query()->count());
    }

    public function testSixAreEnoughAndNoneOnceTheFamilyHasLeft(): void
    {
        $check = self::check(5);
        foreach (range(1, 6) as $number) {
            $this->keptPhoto($check);
        }
        $this->send($check, self::pixel())->assertStatus(422)->assertSee('Six pictures are enough');
        $this->send(self::check(1), self::pixel())->assertStatus(422)->assertSee('This family has left');
        self::assertSame(6, Photo::query()->count());
    }

    private function keptPhoto(Check $check, ?string $bytes = null): string
    {
        $id = Str::uuid7()->toString();
        $this->signedIn()->send($check, $bytes ?? self::pixel(), $id)->assertOk();

        return $id;
    }

    /** @return TestResponse<Response> */
    private function send(Check $check, string $bytes, ?string $id = null): TestResponse
    {
        return $this->post("/checks/{$check->id}/photos/label", [
            'id' => $id ?? Str::uuid7()->toString(), 'phase' => 'found', 'about' => 'label', 'photo' => UploadedFile::fake()->createWithContent('label.jpg', $bytes),
        ], ['HX-Request' => 'true']);
    }

    private static function pixel(): string
    {
        return (string) base64_decode(self::PIXEL, true);
    }
}
