<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Visit;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;

/** The take-home sheet as a PDF: one page a seat on both papers, kept nowhere. */
final class SheetPdfTest extends FeatureTestCase
{
    /** A folder of its own: what another run prints at the same time is not seen here. */
    protected function setUp(): void
    {
        parent::setUp();
        $this->app->useStoragePath(sys_get_temp_dir() . '/mint-buckle-pdf-' . getmypid());
    }

    protected function tearDown(): void
    {
        File::deleteDirectory(storage_path());
        parent::tearDown();
    }

    private static function gone(): Visit
    {
        return Visit::query()->whereNotNull('left_at')->has('checks', '>=', 1)->withCount('checks')->orderByDesc('checks_count')->orderBy('id')->firstOrFail();
    }

    /** @return iterable<string, array{string, string, int, int}> paper, language, width and height in whole points: ISO 216, ANSI/ASME Y14.1 */
    public static function papers(): iterable
    {
        yield 'A4 in English' => ['a4', 'en', 595, 842];
        yield 'Letter in Spanish' => ['letter', 'es', 612, 792];
    }

    #[DataProvider('papers')]
    public function testOnePageASeat(string $paper, string $language, int $wide, int $high): void
    {
        $visit = self::gone();
        $visit->update(['language' => $language]);
        $answer = $this->signedIn()->get("/visits/{$visit->id}/sheet.pdf?paper={$paper}")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        self::assertStringContainsString("ticket-{$visit->ticket}-{$paper}.pdf", (string) $answer->headers->get('Content-Disposition'));
        $pdf = (string) $answer->getContent();
        self::assertStringStartsWith('%PDF-1.', $pdf);
        preg_match_all('~/MediaBox\s*\[0 0 ([\d.]+) ([\d.]+)\]~', $pdf, $boxes, PREG_SET_ORDER);
        self::assertCount($visit->checks()->count(), $boxes);
        foreach ($boxes as [, $w, $h]) {
            self::assertSame([$wide, $high], [(int) round((float) $w), (int) round((float) $h)]);
        }
        self::assertStringContainsString('/StructTreeRoot', $pdf, 'tagged for who has it read aloud');
        self::assertMatchesRegularExpression('~/Lang\s*\(' . $language . '\)~', $pdf);
        self::assertSame([], File::glob(storage_path('app/private/pdf-*')), 'nothing is left behind');
    }

    public function testBothLanguagesAndLargePrintHaveTheirPages(): void
    {
        $visit = self::gone();
        $pages = fn(string $query): int => substr_count((string) $this->signedIn()->get("/visits/{$visit->id}/sheet.pdf?{$query}")->assertOk()->getContent(), '/MediaBox');
        $seats = $visit->checks()->count();
        self::assertSame(2 * $seats, $pages('both=1'));
        self::assertGreaterThanOrEqual($seats, $pages('large=1'));
    }

    /** Killed while it printed, a process leaves its folder; the next sheet takes it away, and none that is being printed. */
    public function testWhatWasLeftBehindIsClearedAway(): void
    {
        [$old, $new] = [storage_path('app/private/pdf-old'), storage_path('app/private/pdf-new')];
        File::ensureDirectoryExists($old);
        File::ensureDirectoryExists($new);
        touch($old, time() - 3_600);
        $this->signedIn()->get('/visits/' . self::gone()->id . '/sheet.pdf')->assertOk();
        self::assertSame([$new], File::glob(storage_path('app/private/pdf-*')));
        File::deleteDirectory($new);
    }

    /** Where no browser is installed the sheet offers none; whoever asks all the same is told, and can print. */
    public function testWhereItCannotBeMadeThatIsSaid(): void
    {
        $visit = self::gone();
        $this->signedIn()->get("/visits/{$visit->id}/sheet")->assertOk()->assertSee('data-pdf="a4"', false)->assertSee('data-pdf="letter"', false);
        foreach (['no-such-browser', 'false'] as $browser) {
            config(['sheet.browser' => $browser]);
            $this->get("/visits/{$visit->id}/sheet.pdf")->assertRedirect("/visits/{$visit->id}/sheet")->assertSessionHas('status', 'The PDF could not be made just now. Nothing is lost: press Print, or try again in a minute.');
            self::assertSame([], File::glob(storage_path('app/private/pdf-*')));
        }
        config(['sheet.browser' => 'no-such-browser']);
        $this->get("/visits/{$visit->id}/sheet")->assertDontSee('data-pdf', false);
    }
}
