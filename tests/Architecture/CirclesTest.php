<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** No folder imports one that imports it back, by however long a way. */
final class CirclesTest extends TestCase
{
    /** What bin/generate makes of the classes of facts names them all. */
    private const MADE = 'CompiledFields.php';

    #[TestWith(['core'])]
    #[TestWith(['present'])]
    public function testNoFolderIsReachedFromWhatItImports(string $ring): void
    {
        $imports = self::imports(dirname(__DIR__, 2) . "/{$ring}");
        self::assertGreaterThan(1, count($imports));
        $circles = [];
        foreach (array_keys($imports) as $folder) {
            $way = self::wayBack($folder, $imports);
            if ($way !== null) {
                $circles[] = implode(' → ', $way);
            }
        }
        self::assertSame([], $circles);
    }

    public function testACircleIsSeen(): void
    {
        self::assertSame(['A', 'B', 'C', 'A'], self::wayBack('A', ['A' => ['B'], 'B' => ['C', 'D'], 'C' => ['A'], 'D' => []]));
        self::assertNull(self::wayBack('A', ['A' => ['B'], 'B' => ['D'], 'D' => []]));
    }

    /**
     * @param array<string, list<string>> $imports
     * @return list<string>|null a way from the folder back to itself
     */
    private static function wayBack(string $folder, array $imports): ?array
    {
        $ways = [[$folder]];
        $seen = [];
        while (($way = array_shift($ways)) !== null) {
            foreach ($imports[$way[count($way) - 1]] ?? [] as $next) {
                if ($next === $folder) {
                    return [...$way, $next];
                }
                if (! isset($seen[$next])) {
                    $seen[$next] = true;
                    $ways[] = [...$way, $next];
                }
            }
        }

        return null;
    }

    /** @return array<string, list<string>> namespace => namespaces its files name in their use lines */
    private static function imports(string $root): array
    {
        $imports = [];
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file->getFilename() === self::MADE) {
                continue;
            }
            $source = (string) file_get_contents($file->getPathname());
            preg_match('/^namespace ([\w\\\\]+);/m', $source, $of);
            preg_match_all('/^use (MintBuckle\\\\[\w\\\\]+)\\\\\w+(?: as \w+)?;/m', $source, $used);
            preg_match_all('/(?<![\w\\\\])\\\\(MintBuckle\\\\[\w\\\\]+)\\\\\w+/', $source, $written);
            $own = $of[1] ?? '';
            $imports[$own] = array_values(array_unique([...$imports[$own] ?? [], ...array_diff([...$used[1], ...$written[1]], [$own])]));
        }

        return $imports;
    }
}
