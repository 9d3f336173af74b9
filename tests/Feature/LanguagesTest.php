<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\Models\Visit;
use App\Words\Languages;
use DOMDocument;
use DOMNode;
use DOMXPath;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use MintBuckle\Core\Finding\Station;
use PHPUnit\Framework\Attributes\DataProvider;

/** The account's language on every screen, the family's on what it reads; another language is a folder and a line. */
final class LanguagesTest extends FeatureTestCase
{
    /** What is told to nobody: it is what stands in the data, or what is typed. */
    private const DATA = ['code', 'kbd', 'script', 'style', 'textarea', 'abbr'];

    /** @return iterable<string, array{string}> */
    public static function screens(): iterable
    {
        foreach (['/', '/arrive', '/seats', '/seats/new', '/seats/1', '/seats/1/edit', '/seats?q=nothing', '/recalls', '/handbook', '/handbook?q=correa', '/calculators', '/stand-ins/labels', '/stand-ins/manual', '/no-such-page'] as $path) {
            yield $path => [$path];
        }
        foreach (['expiry', 'recall', 'locking', 'anchors', 'wedge', 'slot', 'modes', 'belt-fit', 'extras', 'room', 'flight'] as $calculator) {
            yield "/calculators/{$calculator}" => ["/calculators/{$calculator}"];
        }
        foreach ([1, 3, 4, 7] as $ticket) {
            foreach (Station::of(onBus: false) as $station) {
                yield "ticket {$ticket}, {$station->value}" => ["{check {$ticket}}/left/{$station->value}"];
            }
            foreach (['card/technician', 'card/family', 'log', 'seat', 'label'] as $part) {
                yield "ticket {$ticket}, its {$part}" => ["{check {$ticket}}/{$part}"];
            }
            yield "ticket {$ticket}, found" => ["{check {$ticket}}/found/measure"];
            yield "ticket {$ticket}, sheet" => ["{visit {$ticket}}/sheet"];
            yield "ticket {$ticket}, car" => ["{visit {$ticket}}/car"];
        }
        yield 'departure' => ['{visit 3}/departure'];
    }

    #[DataProvider('screens')]
    public function testNoEnglishIsLeftOnASpanishScreen(string $path): void
    {
        Visit::query()->update(['language' => 'es']);
        $path = (string) preg_replace_callback('/\{check (\d)\}/', static fn(array $m): string => '/checks/' . self::check((int) $m[1])->id, $path);
        $path = (string) preg_replace_callback('/\{visit (\d)\}/', static fn(array $m): string => '/visits/' . self::visit((int) $m[1])->id, $path);
        $html = (string) $this->reading('es')->get($path)->getContent();

        self::assertStringContainsString('<html lang="es">', $html);
        $told = str_replace(self::data(), '', self::told($html));
        self::assertNotEmpty($told);
        $english = array_filter($told, static fn(string $text): bool => preg_match('/^[\d, ]+ to \d+ lb/', $text) !== 1 && preg_match('/\b(the|and|is|are|with|not|of|this|it|for|to|from|who)\b/i', $text) === 1);
        self::assertSame([], array_values(array_unique($english)));
        self::assertSame([], array_values(array_filter($told, static fn(string $text): bool => preg_match('/^[a-z]+(_[a-z0-9]+)+$|^[a-z_]+\.[a-z_.]+$|\{\w/', $text) === 1)), 'keys');
    }

    public function testTheAccountKeepsItsLanguage(): void
    {
        $this->signedIn()->from('/')->post('/language', ['language' => 'es'])->assertRedirect('/')->assertPlainCookie('language', 'es');
        self::assertSame('es', User::query()->where('login', 'wren')->value('language'));
        $this->get('/')->assertSee('<html lang="es">', false)->assertSee('Llega una familia');
        $this->post('/language', ['language' => 'tlh'])->assertSessionHasErrors('language');
        $this->post('/language', ['language' => 'en']);
        $this->get('/')->assertSee('A family arrives');
    }

    public function testBeforeSigningInTheDeviceIsAsked(): void
    {
        $this->get('/sign-in', ['Accept-Language' => 'es-MX,es;q=0.9,en;q=0.5'])->assertSee('Contraseña');
        $this->get('/sign-in', ['Accept-Language' => 'fr'])->assertSee('Password');
        $this->withUnencryptedCookie('language', 'es')->get('/sign-in', ['Accept-Language' => 'en'])->assertSee('Contraseña');
        $this->post('/sign-in', ['login' => 'wren', 'password' => 'wrong'], ['Accept-Language' => 'es'])->assertSessionHasErrors(['login' => 'El nombre y la contraseña no se corresponden. Revise ambos y pruebe de nuevo.']);
    }

    /** The sheet is the family's: its language is chosen at arrival, can be changed, and both may stand on one. */
    public function testTheSheetIsInTheFamilysLanguage(): void
    {
        $visit = self::visit(1);
        $sheet = "/visits/{$visit->id}/sheet";
        $this->signedIn()->get($sheet)->assertSee('<div class="paper" lang="en"', false)->assertSee('How to do it again');
        $this->post("/visits/{$visit->id}/language", ['language' => 'es'])->assertRedirect($sheet)->assertSessionHas('status', 'The family’s sheet and card are in Español now.');
        $this->get($sheet)->assertSee('<html lang="en">', false)->assertSee('Back to the event')
            ->assertSee('<div class="paper" lang="es"', false)->assertSee('Cómo volver a hacerlo')->assertDontSee('How to do it again');
        $this->get("{$sheet}?both=1")->assertSeeInOrder(['<div class="paper" lang="es"', 'Cómo volver a hacerlo', '<div class="paper" lang="en"', 'How to do it again'], false);
        $this->reading('es')->get("{$sheet}?both=1")->assertSeeInOrder(['<div class="paper" lang="es"', '<div class="paper" lang="en"'], false);
    }

    public function testTheFamilyShowsItBackInItsLanguage(): void
    {
        $check = self::check(3);
        $check->visit->update(['language' => 'es']);
        $this->signedIn()->get("/checks/{$check->id}/card/family")->assertSee('Back to the check')->assertSee('<div lang="es">', false)->assertSee('Sin ayuda')->assertDontSee('Sit the child in');
        $this->get("/checks/{$check->id}/card/technician")->assertSee('<div lang="en">', false)->assertSee('Sit the child in');
    }

    public function testTheHandbookIsSearchedInEveryLanguage(): void
    {
        $this->signedIn()->get('/handbook?q=correa+superior')->assertSee('measure.tether_unused')->assertDontSee('label.unreadable');
        $this->reading('es')->get('/handbook?q=tether')->assertSee('measure.tether_unused')->assertSee('La correa superior');
    }

    /** One folder and one line; what it does not say is told in English. */
    public function testAThirdLanguageIsAFolderAndALine(): void
    {
        $copy = storage_path('framework/testing/lang-' . getmypid());
        File::copyDirectory(lang_path(), $copy);
        File::makeDirectory("{$copy}/xx");
        File::put("{$copy}/xx/verdicts.php", "<?php return ['good_to_ride' => 'Zu-zu'];");
        try {
            $this->app->instance(Languages::class, new Languages(self::known() + ['xx' => ['locale' => 'eo', 'name' => 'Xx']], $copy));
            $html = (string) $this->reading('xx')->get('/')->getContent();
        } finally {
            File::deleteDirectory($copy);
        }
        self::assertStringContainsString('<html lang="xx">', $html);
        self::assertStringContainsString('Zu-zu', $html);
        self::assertStringContainsString('Fix first', $html);
        self::assertStringContainsString('>Xx</button>', $html);
    }

    /** @return list<string> what the demo's list and a maker's rules say, as they were entered */
    private static function data(): array
    {
        return array_values(array_filter([
            ...DB::table('campaigns')->pluck('defect')->all(),
            ...DB::table('campaigns')->pluck('remedy')->all(),
            ...DB::table('recall_lists')->pluck('source')->all(),
        ], is_string(...)));
    }

    /** @return array<string, array{locale: string, name: string}> */
    private static function known(): array
    {
        /** @var array<string, array{locale: string, name: string}> $known */
        $known = require dirname(__DIR__, 2) . '/config/languages.php';

        return $known;
    }

    private function reading(string $language): static
    {
        User::query()->where('login', 'wren')->update(['language' => $language]);

        return $this->signedIn();
    }

    /** @return list<string> what a page tells: texts, and what is read aloud */
    private static function told(string $html): array
    {
        $document = new DOMDocument();
        @$document->loadHTML('<?xml encoding="utf-8"?>' . $html);
        $path = new DOMXPath($document);
        $skip = implode(' or ', array_map(static fn(string $tag): string => "ancestor-or-self::{$tag}", self::DATA));
        $told = [];
        foreach ($path->query("//text()[not({$skip}) and not(ancestor::*[@lang='en'])] | //@aria-label | //@title | //@placeholder") ?: [] as $node) {
            assert($node instanceof DOMNode);
            $text = trim((string) preg_replace('/\s+/u', ' ', (string) $node->nodeValue));
            if (preg_match('/\p{L}{2}/u', $text) === 1) {
                $told[] = $text;
            }
        }

        return $told;
    }
}
