<?php

declare(strict_types=1);

namespace Tests\Architecture;

use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Definition\FactDefinition;
use MintBuckle\Core\Facts\Definition\FactDefinitions;
use MintBuckle\Core\Facts\Definition\Fields;
use MintBuckle\Core\Rulebook;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What is made from the code is as the code makes it. */
final class GeneratedTest extends TestCase
{
    public function testTheTreeHoldsWhatBinGenerateMakes(): void
    {
        $check = new Process([PHP_BINARY, 'bin/lib/generate.php', '--check'], dirname(__DIR__, 2));
        self::assertSame(0, $check->run(), 'run bin/generate: ' . $check->getErrorOutput());
    }

    public function testWhatIsCompiledIsWhatTheClassesDeclare(): void
    {
        $classes = [CaseFile::class, ...array_map(static fn(FactDefinition $fact): string => $fact->field->section(), array_filter(FactDefinitions::below(CaseFile::class), static fn(FactDefinition $fact): bool => $fact->field->holdsSections()))];
        foreach (array_unique($classes) as $class) {
            self::assertEquals(Fields::declared($class), Fields::of($class), $class);
        }
        self::assertGreaterThan(25, count(array_unique($classes)));
    }

    public function testTheChangelogBeginsWithTheEditionInForce(): void
    {
        preg_match('/^## (\S+)$/m', (string) file_get_contents(dirname(__DIR__, 2) . '/CHANGELOG.md'), $first);
        self::assertSame(Rulebook::VERSION, $first[1] ?? null);
    }

    /** Whoever is shown the way finds what it names. */
    public function testEveryFileThatTheGuidesNameIsThere(): void
    {
        $root = dirname(__DIR__, 2);
        foreach (['CONTRIBUTING.md', 'README.md', 'docs/sources.md'] as $guide) {
            preg_match_all('~(?<![\w/.])((?:app|core|present|tests|routes|resources|docs|bin|bench|database)/[\w/.-]*\w)~', (string) file_get_contents("{$root}/{$guide}"), $named);
            $missing = array_filter($named[1], static fn(string $file): bool => ! file_exists("{$root}/{$file}") && ! file_exists("{$root}/{$file}.php"));
            self::assertSame([], array_values(array_unique($missing)), $guide);
        }
    }
}
