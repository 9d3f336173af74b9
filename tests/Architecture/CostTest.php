<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use MintBuckle\Core\Facts\ModeName;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What a change costs, counted by what names a fact or a way of riding: words, tests and what is made by bin/generate aside. */
final class CostTest extends TestCase
{
    private const WORDS_AND_MADE = ['core/Facts/Definition/CompiledFields.php'];

    private const A_FACT = 4;

    private const A_WAY_OF_RIDING = 8;

    #[TestWith(['strapTrapped', 'strap_trapped'])]
    #[TestWith(['touchesVehicleBack', 'touches_vehicle_back'])]
    #[TestWith(['hipsSnug', 'hips_snug'])]
    #[TestWith(['wedgeCount', 'wedge_count'])]
    #[TestWith(['levelGround', 'level_ground'])]
    #[TestWith(['specialNeeds', 'special_needs'])]
    public function testAFactIsNamedInFewFiles(string $property, string $key): void
    {
        $files = self::naming("/\\b(?:{$property}|{$key})\\b/");
        self::assertLessThanOrEqual(self::A_FACT, count($files), implode(' ', $files));
        self::assertNotSame([], $files);
    }

    public function testWaysOfRidingAreNamedInFewFiles(): void
    {
        $cases = implode('|', array_column(ModeName::cases(), 'name'));
        $keys = implode('|', array_column(ModeName::cases(), 'value'));
        $files = self::naming("/\\bModeName::(?:{$cases})\\b|['\"._](?:{$keys})\\b/");
        // What keeps a child on a bus is another list, two of whose entries bear the same name.
        $files = array_values(array_diff($files, ['core/Facts/BusSystem.php']));
        self::assertLessThanOrEqual(self::A_WAY_OF_RIDING, count($files), implode(' ', $files));
        self::assertContains('core/Facts/ModeName.php', $files);
    }

    /** The benchmark that adds a fact and a rule to a copy puts them before lines that must still be there. */
    public function testTheBenchmarkOfTheHouseFindsItsPlaces(): void
    {
        $root = dirname(__DIR__, 2);
        preg_match_all('/\$insert\(\s*\'([^\']+)\',\s*(?:\'([^\']*)\'|"([^"]*)")/', (string) file_get_contents("{$root}/bench/house.php"), $places, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
        self::assertCount(5, $places);
        foreach ($places as $place) {
            self::assertStringContainsString($place[2] ?? $place[3] ?? '', (string) file_get_contents("{$root}/{$place[1]}"), $place[1]);
        }
    }

    /** @return list<string> files that the pattern is found in */
    private static function naming(string $pattern): array
    {
        $root = dirname(__DIR__, 2);
        $found = [];
        foreach (['app', 'core', 'present', 'resources/views', 'resources/js', 'resources/scss'] as $folder) {
            /** @var SplFileInfo $file */
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}", FilesystemIterator::SKIP_DOTS)) as $file) {
                $name = substr($file->getPathname(), strlen($root) + 1);
                if (! in_array($name, self::WORDS_AND_MADE, true) && preg_match($pattern, (string) file_get_contents($file->getPathname())) === 1) {
                    $found[] = $name;
                }
            }
        }
        sort($found);

        return $found;
    }
}
