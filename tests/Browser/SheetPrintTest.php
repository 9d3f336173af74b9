<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Symfony\Component\Process\Process;

/** The take-home sheet as it is printed: one page a seat on A4 and Letter, and its QR code read back from the picture. */
final class SheetPrintTest extends BrowserTestCase
{
    private const PAPERS = ['A4' => [8.268, 11.693], 'Letter' => [8.5, 11]];

    public function testOnePageASeatOnBothPapersInBothLanguages(): void
    {
        self::viewport(1280, 800);
        self::signIn();
        $visits = explode("\n", self::database('SELECT visit_id FROM checks WHERE signed_at IS NOT NULL GROUP BY visit_id ORDER BY visit_id'));
        self::assertNotSame([''], $visits);
        foreach ($visits as $visit) {
            foreach (['en', 'es'] as $language) {
                self::database("UPDATE visits SET language = '{$language}' WHERE id = {$visit}");
                self::open("/visits/{$visit}/sheet");
                self::waitFor('[data-qr] svg');
                $seats = count(self::all('[data-sheet-of]'));
                foreach (self::PAPERS as $paper => [$wide, $high]) {
                    self::assertSame($seats, self::pages($wide, $high), "visit {$visit}, {$language}, {$paper}");
                }
            }
        }
        self::open("/visits/{$visits[0]}/sheet?both=1");
        self::waitFor('[data-qr] svg');
        self::assertSame(count(self::all('[data-sheet-of]')), self::pages(...self::PAPERS['A4']), 'in both languages: a page each');
    }

    public function testTheCodeIsReadFromThePictureAndOpensTheSheet(): void
    {
        self::viewport(1280, 800);
        self::signIn();
        $visit = explode("\n", self::database('SELECT visit_id FROM checks WHERE signed_at IS NOT NULL ORDER BY visit_id LIMIT 1'))[0];
        self::open("/visits/{$visit}/sheet");
        $code = self::waitFor('[data-qr] svg');
        self::assertInstanceOf(RemoteWebElement::class, $code);
        self::$driver->executeScript('arguments[0].scrollIntoView({block: "center"});', [$code]);
        $pixels = self::$driver->executeAsyncScript(<<<'JS'
            const [picture, done] = arguments;
            const image = new Image();
            image.onload = () => {
                const canvas = Object.assign(document.createElement('canvas'), {width: image.width, height: image.height});
                const pen = canvas.getContext('2d');
                pen.drawImage(image, 0, 0);
                const rgba = pen.getImageData(0, 0, image.width, image.height).data;
                let text = '';
                for (let i = 0; i < rgba.length; i += 8192) text += String.fromCharCode(...rgba.subarray(i, i + 8192));
                done({wide: image.width, high: image.height, rgba: btoa(text)});
            };
            image.src = 'data:image/png;base64,' + picture;
            JS, [base64_encode((string) $code->takeElementScreenshot())]);
        self::assertIsArray($pixels);
        self::assertIsString($pixels['rgba']);
        self::assertIsInt($pixels['wide']);
        self::assertIsInt($pixels['high']);
        $rgba = (string) base64_decode($pixels['rgba'], true);
        $script = 'import { createRequire } from "module"; const jsQR = createRequire(process.cwd() + "/package.json")("jsqr"); const chunks = []; for await (const one of process.stdin) chunks.push(one); console.log(jsQR(new Uint8ClampedArray(Buffer.concat(chunks)), ' . $pixels['wide'] . ', ' . $pixels['high'] . ')?.data ?? "nothing");';
        $node = new Process(['node', '--input-type=module', '-e', $script], dirname(__DIR__, 2), null, $rgba);
        $node->mustRun();
        $address = trim($node->getOutput());
        self::assertStringContainsString('/sheet/', $address);
        self::$driver->manage()->deleteAllCookies();
        self::$driver->get(self::$base . parse_url($address, PHP_URL_PATH));
        self::waitFor('[data-sheet-of]');
        self::$driver->get(substr(self::$base . parse_url($address, PHP_URL_PATH), 0, -1) . 'z');
        self::assertSame([], self::all('[data-sheet-of]'));
    }

    private static function pages(float $wide, float $high): int
    {
        $pdf = (new ChromeDevToolsDriver(self::$driver))->execute('Page.printToPDF', ['paperWidth' => $wide, 'paperHeight' => $high, 'preferCSSPageSize' => false]);
        self::assertIsString($pdf['data'] ?? null);

        return (int) preg_match_all('~/Type\s*/Page\b(?!s)~', (string) base64_decode($pdf['data'], true));
    }
}
