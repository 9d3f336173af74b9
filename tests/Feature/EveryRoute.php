<?php

declare(strict_types=1);

namespace Tests\Feature;

use FilesystemIterator;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Every address and every field that there is, as the application's own text says. */
trait EveryRoute
{
    /** @var list<string>|null */
    private static ?array $fields = null;

    /** @return list<Route> */
    private static function routes(): array
    {
        return array_values(array_filter(
            Routes::getRoutes()->getRoutes(),
            static fn(Route $route): bool => ! $route->isFallback && ! str_starts_with($route->uri(), 'storage') && $route->getName() !== 'sessions.destroy',
        ));
    }

    /** @param array<string, string> $there by parameter */
    private static function addressOf(Route $route, array $there): string
    {
        return '/' . preg_replace_callback('/\{(\w+)\??\}/', static fn(array $m): string => $there[$m[1]] ?? 'x', $route->uri());
    }

    /** @return list<string> every name that a request is read by, from the application's own text */
    private static function fields(): array
    {
        if (self::$fields !== null) {
            return self::$fields;
        }
        $names = [];
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(app_path(), FilesystemIterator::SKIP_DOTS));
        foreach ($files as $file) {
            assert($file instanceof SplFileInfo);
            $text = (string) file_get_contents($file->getPathname());
            preg_match_all('/->(?:string|input|integer|query|boolean|enum|filled|array|date|has|old)\(\'(\w+)/', $text, $read);
            preg_match_all('/^\s+\'(\w+)\' => \[\'?(?:required|nullable|Rule)/m', $text, $ruled);
            $names = [...$names, ...$read[1], ...$ruled[1]];
        }

        return self::$fields = array_values(array_unique($names));
    }
}
