<?php

declare(strict_types=1);

namespace Tests\Golden;

use PHPUnit\Framework\Assert;

/** An answer as it was last reviewed. After a wanted change: UPDATE_GOLDEN=1 vendor/bin/phpunit tests/Golden, then read the diff. */
final class GoldenFile
{
    /**
     * @param string $name path below tests/Golden
     * @param array<array-key, mixed> $answer
     */
    public static function assertHolds(string $name, array $answer): void
    {
        $written = json_encode($answer, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR) . "\n";
        $golden = __DIR__ . '/' . $name;
        if (getenv('UPDATE_GOLDEN') === '1') {
            file_put_contents($golden, $written);
        }
        Assert::assertStringEqualsFile($golden, $written);
    }
}
