<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** How the product's code is written, wherever it stands: lines that can be read, and pages that are given what they show. */
final class HouseStyleTest extends TestCase
{
    private const LONGEST = 140;

    private const CODE = ['app', 'bench', 'bin/lib', 'bootstrap', 'config', 'core', 'database', 'lang', 'present', 'resources/views', 'routes'];

    /** Tables whose rows stay on one line each, and what is generated. */
    private const TABLES = '~(Facts|/CdcCharts|/WhoStandards|//Convention|/CompiledFields)\.php$|/bootstrap/cache/~';

    /** A table's row: columns set apart by more than one blank. An inlined picture is one word. */
    private const ROW = '/\S {2,}\S.* {2,}\S|"data:image/';

    private const SHOWN = '~/app/.*(Page|Card|Rows?|Line|Child|Item|Headline|Retold)\.php$~';

    private const ASKS = '/::query\(|::inUse\(|::current\(\)->load|\b(Cache|DB|Storage|Session)::|->(load|loadMissing|paginate|exists|refresh)\(/';

    public function testLinesCanBeRead(): void
    {
        $long = [];
        foreach (self::files(self::CODE) as $file) {
            foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $index => $line) {
                if (mb_strlen($line) > self::LONGEST && preg_match(self::ROW, trim($line)) !== 1) {
                    $long[] = self::place($file, $index);
                }
            }
        }
        self::assertSame([], $long);
    }

    public function testPagesAreGivenWhatTheyShow(): void
    {
        $asking = [];
        $pages = 0;
        foreach (self::files(['app']) as $file) {
            if (preg_match(self::SHOWN, $file) !== 1) {
                continue;
            }
            $pages++;
            foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $index => $line) {
                if (preg_match(self::ASKS, $line) === 1) {
                    $asking[] = self::place($file, $index);
                }
            }
        }
        self::assertSame([], $asking);
        self::assertGreaterThan(15, $pages, 'pages are found by their names');
    }

    /** Blade shows: what is reckoned, is reckoned in a ring that is tested by itself. */
    public function testNothingIsReckonedInAView(): void
    {
        $reckoned = [];
        foreach (self::files(['resources/views']) as $file) {
            $source = (string) preg_replace('/\{\{--.*?--\}\}/s', '', (string) file_get_contents($file));
            preg_match_all('/\{\{(.*?)\}\}/s', $source, $shown);
            foreach ($shown[1] as $expression) {
                $bare = (string) preg_replace('/\'[^\']*\'|"[^"]*"|->|=>/', '', $expression);
                if (preg_match('~[\w)\]]\s*[-+*/%]\s*[\w($]|\b(max|min|round|floor|ceil|intdiv|abs|array_sum)\(~', $bare) === 1) {
                    $reckoned[] = basename($file) . ': ' . trim($expression);
                }
            }
        }
        self::assertSame([], $reckoned);
    }

    /** A list where one text is meant would break it. */
    public function testEveryRequestReadsTextByOneDoor(): void
    {
        $others = [];
        foreach (glob(dirname(__DIR__, 2) . '/app/Http/Requests/*.php') ?: [] as $file) {
            $text = (string) file_get_contents($file);
            if (str_contains($text, ' extends FormRequest') && ! str_contains($text, 'use ReadsText;')) {
                $others[] = basename($file);
            }
        }
        self::assertSame([], $others);
    }

    private static function place(string $file, int $index): string
    {
        return substr($file, strlen(dirname(__DIR__, 2)) + 1) . ':' . ($index + 1);
    }

    /**
     * @param list<string> $folders
     * @return iterable<string>
     */
    private static function files(array $folders): iterable
    {
        foreach ($folders as $folder) {
            $walk = new RecursiveDirectoryIterator(dirname(__DIR__, 2) . "/{$folder}", FilesystemIterator::SKIP_DOTS);
            /** @var SplFileInfo $file */
            foreach (new RecursiveIteratorIterator($walk) as $file) {
                if ($file->getExtension() === 'php' && preg_match(self::TABLES, $file->getPathname()) !== 1) {
                    yield $file->getPathname();
                }
            }
        }
    }
}
