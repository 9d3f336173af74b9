<?php

declare(strict_types=1);

namespace App\Console;

use App\Words\Languages;
use App\Words\Telling;
use Illuminate\Console\Command;
use Illuminate\Filesystem\Filesystem;

/** Writes the pages that stand in where the application cannot answer itself, in every language, for whatever serves it. */
final class ErrorPagesCommand extends Command
{
    private const CODES = ['400', '404', '405', '413', '414', '500', '502', '504'];

    protected $signature = 'buckle:error-pages {folder}';

    protected $description = 'Write the pages of the server\'s own errors';

    public function handle(Filesystem $files, Languages $languages): int
    {
        foreach (array_keys($languages->names()) as $language) {
            app()->setLocale($language);
            Telling::begin($language);
            $folder = (string) $this->argument('folder') . "/{$language}";
            $files->ensureDirectoryExists($folder);
            foreach (self::CODES as $code) {
                $files->replace("{$folder}/{$code}.html", view("errors.{$code}")->render(), 0o644);
            }
            Telling::end();
        }

        return self::SUCCESS;
    }
}
